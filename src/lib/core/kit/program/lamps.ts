import { lampFunction } from '../../lamps';
import type { Group } from '../options';
import type { Builder } from './builder';

/** One product per group: exactly one, or at most one when a socket may be left open at a cost. */
export function addLamps(b: Builder, groups: readonly Group[], leaving: number | null): void {
	for (const group of groups.filter((g) => g.options.length > 0)) {
		const terms: [number, string][] = group.options.map((option) => {
			const name = `x${b.lamps.length}`;
			b.lamps.push({ name, key: `${group.sockets[0]?.id}>${option.product.id}`, group, option });
			const cost = Math.round(b.weights.light * option.lightMissing * group.sockets.length);
			b.variables.push({ name, cost, kind: 'binary' });
			return [1, name];
		});
		if (leaving !== null) {
			const name = `z${b.left.length}`;
			b.left.push({ name, group });
			const weight = Math.max(...group.sockets.flatMap((s) => s.functions.map((id) => lampFunction(id).weight)));
			b.variables.push({ name, cost: Math.round(leaving * weight * group.sockets.length), kind: 'binary' });
			terms.push([1, name]);
		}
		b.constrain(terms, '=', 1);
	}
}
