import { MODE_IDS, smoothingInBox } from '../../circuit';
import { asItIs, atSocket, ledsIn, withLamp, withPart, type Cause, type CausePlace } from './cause';

/** A module that holds a pulsed feed up is not in. */
export const moduleMissing: Cause = {
	id: 'module-missing',
	label: 'anti-flicker module missing',
	rate: 0.8,
	also: { 'flicker-idle': 0.2, 'flicker-dimmed': 0.6 },
	remedy: { kind: 'part', words: 'Fit the module between plug and lamp; tie it where it stays cool and dry.' },
	look: {
		question: 'Is there no module between plug and lamp of {place}?',
		how: 'Follow the lead from the lamp to the plug.',
		minutes: 3
	},
	places: (simulations) => {
		const { scene, recorded } = simulations;
		const inLeads = scene.fitted.parts.flatMap((part): CausePlace[] =>
			part.effect?.kind === 'smoothing' && part.socket !== undefined
				? [atSocket(part.socket, withPart(part, null))]
				: []
		);
		const inBox = ledsIn(scene)
			.filter(({ product }) => smoothingInBox(product) !== null)
			.map(({ socket: { id }, product }) =>
				atSocket(
					id,
					withLamp(id, { ...product, includes: product.includes?.filter(({ kind }) => kind === 'resistor') })
				)
			);
		const known = new Set([...inLeads, ...inBox].map(({ socket }) => socket));
		const flickers = new Set(
			MODE_IDS.flatMap((mode) =>
				recorded(mode, 'cold').lamps.flatMap(({ socket, flicker: { word } }) =>
					word === 'strobes' || word === 'drops-out' ? socket : []
				)
			)
		);
		return [
			...inLeads,
			...inBox,
			...[...flickers].filter((socket) => !known.has(socket)).map((socket) => asItIs(atSocket(socket)))
		];
	}
};
