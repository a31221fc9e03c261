import type { Solver, SolveWatch } from '../../solver';
import { linesOf, totalOf } from '../answer/lines';
import { choicesFor } from '../choices/choices';
import { solveKit, type SolvedBy } from '../solution';
import type { MadeKit } from './made-kit';
import { PRICED, type Variant } from './priced-demands';

/** What a demand costs: the kit with it against the kit without it. */
export interface DemandPrice {
	words: string;
	kind: Variant['kind'];
	/** Price with the demand less the price without it, minor units; null when one of the two cannot be. */
	costs: number | null;
	/** Sockets the demand leaves open that would be served without it. */
	closes: number;
	/** Price of the other kit, minor units; null when there is none. */
	total: number | null;
}

/** Where the pricing stands, for somebody who waits. */
export interface PricingWatch extends SolveWatch {
	onPriced?: (done: number, of: number) => void;
}

async function priced(variant: Variant, { kitCase, answer }: MadeKit, by: SolvedBy): Promise<DemandPrice> {
	const { words, kind, lifted } = variant;
	const choices = choicesFor(kitCase, variant.order);
	const other = await solveKit(choices, by, lifted ? { lifted } : {});
	if (!other) return { words, kind, costs: null, closes: 0, total: null };
	const total = totalOf(linesOf(other));
	const never = choices.everyGroup.filter((g) => g.options.length === 0).flatMap((g) => g.sockets).length;
	const open = never + other.open.flatMap((g) => g.sockets).length;
	const less = (withIt: number, without: number) => (kind === 'lifted' ? withIt - without : without - withIt);
	return { words, kind, costs: less(answer.total, total), closes: less(answer.open.length, open), total };
}

/** Kits worked out side by side: as many as there are threads to solve them. */
const AT_ONCE = 2;

/** The price of each demand of an order, and of wishes that are often made: each is one kit more to solve. */
export async function demandPrices(
	made: MadeKit,
	{ solver, watch = {} }: { solver: Solver; watch?: PricingWatch }
): Promise<DemandPrice[]> {
	const variants = PRICED.flatMap((variants) => variants(made.order, made.kitCase));
	const prices: DemandPrice[] = [];
	let next = 0;
	let done = 0;
	const worker = async () => {
		for (let i = next++; i < variants.length; i = next++) {
			prices[i] = await priced(variants[i] as Variant, made, { solver, watch });
			watch.onPriced?.(++done, variants.length);
		}
	};
	await Promise.all(Array.from({ length: AT_ONCE }, worker));
	return prices.filter(({ kind, costs, closes }) => kind === 'wished' || costs !== 0 || closes !== 0);
}
