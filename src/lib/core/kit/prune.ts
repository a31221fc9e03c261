import { ledColdConductance, ledCurrent } from '../circuit';
import type { Pack, Product } from '../exchange';
import type { Group, Option } from './options';

/** Largest number of lamps of one product a kit is taken to use. */
const MOST_LAMPS = 80;

/** Cheapest price for 1 to `MOST_LAMPS` lamps in whole packs within stock, minor units; infinite where the shelf does not reach. */
function costCurve(packs: readonly Pack[]): number[] {
	const cost = [0, ...Array<number>(MOST_LAMPS).fill(Infinity)];
	for (const pack of packs) {
		const most = pack.stock ?? MOST_LAMPS;
		// Bounded packs: count down so that each of the `most` packs is used once at the most.
		for (let used = 0; used < Math.min(most, MOST_LAMPS); used++)
			for (let n = MOST_LAMPS; n >= 1; n--)
				cost[n] = Math.min(cost[n] ?? Infinity, (cost[Math.max(0, n - pack.count)] ?? Infinity) + pack.price);
	}
	return cost.slice(1);
}

interface Standing {
	/** Places it may go, and what it needs there: equal text means equal use. */
	uses: string;
	curve: number[];
	current: number[];
	lightMissing: number;
}

function uses(groups: readonly Group[], product: Product): string {
	return groups
		.flatMap((group, index) => {
			const option = group.options.find((o) => o.product.id === product.id);
			if (!option) return [];
			const needs = option.needs.map((n) => `${n.socket.id}:${n.remedy.kind}:${n.parts.map((p) => p.id).join()}`);
			return [`${index}${group.fixed ? '!' : ''}(${needs.sort().join()})`];
		})
		.join('|');
}

function standing(groups: readonly Group[], option: Option): Standing {
	const { product } = option;
	return {
		uses: uses(groups, product),
		curve: costCurve(product.packs),
		current: (['major', 'minor'] as const).flatMap((role) => [
			ledCurrent(product, role) ?? 0,
			ledColdConductance(product, role)
		]),
		lightMissing: option.lightMissing
	};
}

function beats(a: Standing, b: Standing): boolean {
	return (
		a.uses === b.uses &&
		a.lightMissing <= b.lightMissing &&
		a.curve.every((cost, n) => cost <= (b.curve[n] ?? Infinity)) &&
		a.current.every((value, i) => value >= (b.current[i] ?? 0))
	);
}

/**
 * Drops options that can never be part of a better kit: another product with the same uses is at least as cheap in every number,
 * loads every channel at least as much and gives at least as much light. The best answer stays the same.
 */
export function pruneOptions(groups: readonly Group[]): Group[] {
	const kept = new Map<string, Standing>();
	const seen = new Set<string>();
	for (const option of groups.flatMap((g) => g.options)) {
		if (seen.has(option.product.id)) continue;
		seen.add(option.product.id);
		const own = standing(groups, option);
		if ([...kept.values()].some((other) => beats(other, own))) continue;
		for (const [id, other] of kept) if (beats(own, other)) kept.delete(id);
		kept.set(option.product.id, own);
	}
	return groups.map((g) => ({ ...g, options: g.options.filter((o) => g.fixed || kept.has(o.product.id)) }));
}
