import { ledColdConductance, ledCurrent } from '../circuit';
import type { Pack } from '../exchange';
import type { Group, Option } from './options';

/** Cheapest price for 0 to `most` lamps in whole packs within stock, minor units; infinite where the shelf does not reach. */
function costCurve(packs: readonly Pack[], most: number): number[] {
	const cost = [0, ...Array<number>(most).fill(Infinity)];
	for (const pack of packs) {
		// Bounded packs: count down so that each pack on the shelf is used once at the most.
		for (let used = 0; used < Math.min(pack.stock ?? most, most); used++)
			for (let n = most; n >= 1; n--)
				cost[n] = Math.min(cost[n] ?? Infinity, (cost[Math.max(0, n - pack.count)] ?? Infinity) + pack.price);
	}
	return cost;
}

interface Standing {
	/** Places it may go, and what it needs there: equal text means equal use. */
	uses: string;
	/** Cheapest price by number of lamps, up to all the sockets it may serve. */
	curve: number[];
	current: number[];
	lightMissing: number;
}

function standing(groups: readonly Group[], option: Option): Standing {
	const { product } = option;
	const uses: string[] = [];
	let sockets = 0;
	groups.forEach((group, index) => {
		const own = group.options.find((o) => o.product.id === product.id);
		if (!own) return;
		const needs = own.needs.map((n) => `${n.socket.id}:${n.remedy.kind}:${n.parts.map((p) => p.id).join()}`);
		uses.push(`${index}${group.fixed ? '!' : ''}(${needs.sort().join()})`);
		sockets += group.sockets.length;
	});
	return {
		uses: uses.join('|'),
		curve: costCurve(product.packs, sockets),
		current: (['major', 'minor'] as const).flatMap((role) => [
			ledCurrent(product, role) ?? 0,
			ledColdConductance(product, role)
		]),
		lightMissing: option.lightMissing
	};
}

/**
 * True when `a` can take over all lamps of `b` in any kit and the kit gets no dearer: whatever `a` already serves,
 * adding the lamps of `b` costs no more than `b` did. Comparing the curves number by number would not do, since the
 * shelf of `a` may be empty by then.
 */
function takesOver(a: readonly number[], b: readonly number[]): boolean {
	return b.every((costB, n) => a.every((costA, m) => n + m >= a.length || (a[n + m] ?? Infinity) <= costA + costB));
}

function beats(a: Standing, b: Standing): boolean {
	return (
		a.uses === b.uses &&
		a.lightMissing <= b.lightMissing &&
		a.current.every((value, i) => value >= (b.current[i] ?? 0)) &&
		takesOver(a.curve, b.curve)
	);
}

/**
 * Drops options that can never be part of a better kit: another product with the same uses can take over all its lamps at no
 * higher price, loads every channel at least as much and gives at least as much light. The best answer stays the same.
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
