import { showsOutside } from '../../lamps';
import { lampsIn, type Check } from './facts';

/** There is enough of every consumable for what is fitted. */
export const consumablesCheck: Check = ({ answer, configuration, catalogue, shop }) => {
	const outside = [...lampsIn(answer.lines)].filter(([id]) =>
		showsOutside(configuration.sockets.find((s) => s.id === id)?.functions ?? [])
	);
	const greased = outside.filter(([, p]) => catalogue.find(p)?.record.kind !== 'assembly');
	const pieces = (kinds: readonly string[]) =>
		answer.lines
			.filter((l) => kinds.includes(shop.accessories.find((a) => a.id === l.accessory)?.kind ?? ''))
			.reduce((sum, l) => sum + l.count - l.spare, 0);
	const counts = {
		socket: greased.length,
		kit: outside.length > 0 ? 1 : 0,
		module: pieces(['pwm-module']),
		load: pieces(['resistor', 'load-harness'])
	};
	return shop.accessories.flatMap(({ id, use, kind, packs, name }) => {
		if (kind !== 'consumable' || !use || packs.length === 0) return [];
		const there = answer.lines.filter((l) => l.accessory === id).reduce((sum, l) => sum + l.count, 0);
		const wanted = counts[use.per] * use.amount;
		const owned = answer.missing.some((m) => m.accessory === id);
		return owned || there + 1e-6 >= wanted ? [] : [`${name ?? id}: ${there}, ${wanted} are used`];
	});
};
