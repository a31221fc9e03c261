import type { Balance, BalanceWeights, KitOrder } from '../../model';
import { assumedValue, type Assumed } from '../../quantity';

/** What a kit is weighed by beside its price. */
export interface Amounts {
	/** Light missing from the filament lamp's, by how much the lamp is used: 1 is a low beam that stays dark. */
	light: number;
	/** Heat: 1 is a lamp that reaches its limit; loads count by their watts. */
	heat: number;
	/** Work, min. */
	minutes: number;
	/** Doubt: 1 is a lamp nobody knows anything of. */
	risk: number;
}

export const NO_AMOUNTS: Amounts = { light: 0, heat: 0, minutes: 0, risk: 0 };

/** The goals beside the price, in the order they are shown. A new goal is an entry here, a field of `Amounts` and one of the schema. */
export const GOALS = [
	{ id: 'light', label: 'Light where it counts' },
	{ id: 'heat', label: 'Heat margin' },
	{ id: 'minutes', label: 'Fitting time' },
	{ id: 'risk', label: 'Sound evidence' }
] as const satisfies readonly { id: keyof Amounts; label: string }[];

/** Three balances to start from: how much each goal counts beside the price. A new one is one entry here and one name in the schema. */
export const BALANCE_WEIGHTS: Record<Balance, BalanceWeights> = {
	price: { light: 0, heat: 0, minutes: 0, risk: 0 },
	light: { light: 2, heat: 0.5, minutes: 0, risk: 0.5 },
	ease: { light: 0.5, heat: 0.5, minutes: 1.5, risk: 1 }
};

/** What amounts cost beyond the price, in whole minor units, by a balance. */
export type Weigh = (amounts: Amounts) => number;

/** Weights of an order: its own, or those of its named balance. */
export function weightsOf({ balance, weights }: Pick<KitOrder, 'balance' | 'weights'>): BalanceWeights {
	return weights ?? BALANCE_WEIGHTS[balance];
}

/** How an order weighs amounts. An hour in the bay is worth what the shop says. */
export function weighing(order: Pick<KitOrder, 'balance' | 'weights'>, assumed: Assumed): Weigh {
	const weights = weightsOf(order);
	const rates: Amounts = {
		light: weights.light * assumedValue(assumed, 'kit.light'),
		heat: weights.heat * assumedValue(assumed, 'kit.heat'),
		minutes: (weights.minutes * assumedValue(assumed, 'work.hour')) / 60,
		risk: weights.risk * assumedValue(assumed, 'kit.risk')
	};
	return (amounts) => Math.round(GOALS.reduce((sum, { id }) => sum + rates[id] * amounts[id], 0));
}

/** Amounts added up. */
export function addAmounts(a: Amounts, b: Amounts, times = 1): Amounts {
	return {
		light: a.light + times * b.light,
		heat: a.heat + times * b.heat,
		minutes: a.minutes + times * b.minutes,
		risk: a.risk + times * b.risk
	};
}
