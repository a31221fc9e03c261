import { ledColdConductance, ledCurrent } from '../../circuit';
import type { Configuration, Pack } from '../../model';
import { categoryOrNull } from '../../lamps';
import { channelsOf, supplyOf } from '../../vehicle';
import type { Weigh } from '../weigh/balance';
import { optionCost, type Group, type Option } from './group';

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

interface UsageProfile {
	/** Places it may go, and all that has to be equal there for one product to take over from another. */
	uses: string;
	/** Cheapest price by number of lamps, up to all the sockets it may serve. */
	curve: number[];
	/** What monitors see of it; empty where nothing looks. */
	current: number[];
	/** What it is weighed by in each place. */
	weighed: number[];
}

/** What is looked at in a group: nothing, what a monitor sees, or also what a fuse carries. */
function watched(configuration: Configuration, { sockets }: Group): 'no' | 'monitor' | 'fuse' {
	const channels = sockets.flatMap((socket) => channelsOf(configuration, socket));
	const monitored = channels.filter((c) => c.monitor && c.monitor.kind !== 'none');
	if (monitored.length === 0) return 'no';
	return monitored.some((c) => c.fuse !== undefined) ? 'fuse' : 'monitor';
}

const seenBy = ({ product }: Option, group: Group, configuration: Configuration): number[] => {
	const { nominal, rest, charging } = supplyOf(configuration);
	const place = { nominal, category: categoryOrNull(group.sockets[0]?.category) };
	return (['major', 'minor'] as const).flatMap((role) => [
		ledCurrent(product, role, { ...place, volts: rest }) ?? 0,
		ledCurrent(product, role, { ...place, volts: charging }) ?? 0,
		ledColdConductance(product, role, place)
	]);
};

const whiteKey = ({ white }: Option) => (white ? `${Math.round(white.cct / 5)} ${Math.round(white.duv * 1e4)}` : '');

/** Equal text means equal use: with a fuse on a monitored output the current has to be the same, since loads are added to it. */
function useIn(
	index: number,
	{ group, option, configuration }: { group: Group; option: Option; configuration: Configuration },
	watch: 'no' | 'monitor' | 'fuse'
): string {
	const needs = option.needs.map((n) => `${n.socket.id}:${n.need.kind}:${n.parts.map((p) => p.id).join()}`);
	const current = watch === 'fuse' ? seenBy(option, group, configuration).join() : '';
	return `${index}${group.fixed ? '!' : ''}(${needs.sort().join()};${whiteKey(option)};${option.verdict};${current})`;
}

function usageProfiles(
	groups: readonly Group[],
	configuration: Configuration,
	weigh: Weigh
): Map<string, UsageProfile> {
	const watch = groups.map((group) => watched(configuration, group));
	const uses = new Map<
		string,
		{ uses: string[]; weighed: number[]; sockets: number; option: Option; current: number[] }
	>();
	groups.forEach((group, index) => {
		for (const option of group.options) {
			const own = uses.get(option.product.id) ?? { uses: [], weighed: [], sockets: 0, option, current: [] };
			own.uses.push(useIn(index, { group, option, configuration }, watch[index] ?? 'no'));
			own.weighed.push(optionCost(option, weigh));
			own.sockets += group.sockets.length;
			if (watch[index] === 'monitor') own.current.push(...seenBy(option, group, configuration));
			uses.set(option.product.id, own);
		}
	});
	return new Map(
		[...uses].map(([id, { uses: list, weighed, sockets, option, current }]) => [
			id,
			{
				uses: list.join('|'),
				weighed,
				curve: costCurve(option.product.packs, sockets),
				current
			}
		])
	);
}

/**
 * True when `a` can take over all lamps of `b` in any kit and the kit gets no dearer: whatever `a` already serves,
 * adding the lamps of `b` costs no more than `b` did. Comparing the curves number by number would not do, since the
 * shelf of `a` may be empty by then.
 */
function takesOver(a: readonly number[], b: readonly number[]): boolean {
	return b.every((costB, n) => a.every((costA, m) => n + m >= a.length || (a[n + m] ?? Infinity) <= costA + costB));
}

function beats(a: UsageProfile, b: UsageProfile): boolean {
	return (
		a.weighed.every((value, i) => value <= (b.weighed[i] ?? 0)) &&
		a.current.every((value, i) => value >= (b.current[i] ?? 0)) &&
		takesOver(a.curve, b.curve)
	);
}

/**
 * Drops options that can never be part of a better kit: another product with the same uses can take over all its lamps at no
 * higher price, loads every monitored output at least as much and is weighed no heavier. The best answer stays the same; between
 * equals the one Match ranks first is kept.
 */
export function pruneOptions(groups: readonly Group[], configuration: Configuration, weigh: Weigh): Group[] {
	const byUse = new Map<string, Map<string, UsageProfile>>();
	for (const [id, own] of usageProfiles(groups, configuration, weigh)) {
		const kept = byUse.get(own.uses) ?? new Map<string, UsageProfile>();
		byUse.set(own.uses, kept);
		if ([...kept.values()].some((other) => beats(other, own))) continue;
		for (const [other, profile] of kept) if (beats(own, profile)) kept.delete(other);
		kept.set(id, own);
	}
	const kept = new Set([...byUse.values()].flatMap((profile) => [...profile.keys()]));
	return groups.map((g) => ({ ...g, options: g.options.filter((o) => g.fixed || kept.has(o.product.id)) }));
}
