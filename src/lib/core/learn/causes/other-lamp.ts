import { categoryOrNull } from '../../lamps';
import { lampSignature } from '../../circuit';
import type { Product } from '../../model';
import { atSocket, ledsIn, withLamp, type Cause } from './cause';

/** Lamps of one place that are tried as mistaken for it. */
const MOST = 3;

/** Another lamp than the kit says sits in a socket: one that goes in as well. */
export const otherLamp: Cause = {
	id: 'other-lamp',
	label: 'other lamp than the kit says',
	rate: 0.3,
	also: { 'too-blue': 0.3, 'modes-alike': 0.4 },
	remedy: { kind: 'other-lamp', words: 'Fit the lamp of the kit.' },
	look: {
		question: 'Does the print on the lamp of {place} differ from the kit?',
		how: 'Lamp out: read maker and type.',
		minutes: 3
	},
	places: ({ scene }) => {
		const byCategory = new Map<string, Product[]>();
		for (const product of scene.products)
			for (const name of product.kind === 'led' && !product.withdrawn ? product.fits : []) {
				const category = categoryOrNull(name)?.category ?? name;
				byCategory.set(category, [...(byCategory.get(category) ?? []), product]);
			}
		return ledsIn(scene).flatMap(({ socket, product }) => {
			const own = lampSignature(product);
			const known = new Map<string, Product>();
			for (const other of byCategory.get(categoryOrNull(socket.category)?.category ?? '') ?? [])
				if (lampSignature(other) !== own) known.set(lampSignature(other), other);
			const others = [...known.values()].sort((a, b) => (a.power?.at13v5 ?? 0) - (b.power?.at13v5 ?? 0)).slice(0, MOST);
			return others.length === 0
				? []
				: [{ ...atSocket(socket.id, ...others.map((one) => withLamp(socket.id, one))), isLocal: false }];
		});
	}
};
