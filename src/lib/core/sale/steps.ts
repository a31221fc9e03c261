import { counted } from '../quantity';
import { err, ok, type Result } from '../result';
import type { LostReason, PackStanding, ReturnReason, Sale, SaleLine } from './sale';

/** Who does a step, and on what day. */
export interface SaleStep {
	on: string;
	by: string;
}

const noted = (sale: Sale, { on, by }: SaleStep, what: string): Sale['log'] => [...sale.log, { on, by, what }];

/** Days a promise may last at most. */
export const LONGEST_PROMISE_DAYS = 60;
const DAY_MS = 24 * 3600 * 1000;

/** True while packs are kept for a sale: they were promised, they are still on the shelf, and the last day has not passed. */
export const isPromised = ({ state, reservedUntil }: Pick<Sale, 'state' | 'reservedUntil'>, today: string): boolean =>
	(state === 'quoted' || state === 'ordered') && reservedUntil !== null && reservedUntil >= today;

/** What is short for some lines, in a sentence; null when every pack is there and free. */
export function shortOf(lines: readonly SaleLine[], standing: ReadonlyMap<string, PackStanding>): string | null {
	for (const { sku, name, packs } of lines) {
		const { stock, promised } = standing.get(sku) ?? { stock: 0, promised: 0 };
		const free = Math.max(0, stock - promised);
		if (free >= packs) continue;
		const others = promised > 0 ? `, ${counted(promised, 'pack')} of them reserved for others` : '';
		return `${name} (${sku}): ${counted(packs, 'pack')} wanted, ${stock} on the shelf${others}`;
	}
	return null;
}

/** Keeps the packs of a quote or an order until a day. Two sales never hold the same pack. */
export function reserve(
	sale: Sale,
	{ until, standing }: { until: string; standing: ReadonlyMap<string, PackStanding> },
	step: SaleStep
): Result<Sale, string> {
	if (sale.state !== 'quoted' && sale.state !== 'ordered') return err('Its packs are not on the shelf any more.');
	if (until < step.on) return err('The last day of a reservation lies in the past.');
	if (Date.parse(until) - Date.parse(step.on) > LONGEST_PROMISE_DAYS * DAY_MS)
		return err(`Packs are reserved for ${LONGEST_PROMISE_DAYS} days at most.`);
	const short = shortOf(sale.lines, standing);
	if (short) return err(`Not all of it can be reserved: ${short}. Nothing was reserved.`);
	return ok({ ...sale, reservedUntil: until, log: noted(sale, step, `reserved until ${until}`) });
}

/** Gives the packs of a promise free. */
export function free(sale: Sale, step: SaleStep): Result<Sale, string> {
	if (sale.reservedUntil === null || (sale.state !== 'quoted' && sale.state !== 'ordered'))
		return err('Nothing is reserved for it.');
	return ok({ ...sale, reservedUntil: null, log: noted(sale, step, 'reservation ended') });
}

/** The customer takes the quote. */
export function order(sale: Sale, step: SaleStep): Result<Sale, string> {
	if (sale.state !== 'quoted') return err('Only a quote can be ordered.');
	return ok({ ...sale, state: 'ordered', log: noted(sale, step, 'ordered') });
}

/** Takes the packs from their shelves. What another sale was promised is not taken. */
export function pick(sale: Sale, standing: ReadonlyMap<string, PackStanding>, step: SaleStep): Result<Sale, string> {
	if (sale.state !== 'ordered') return err('Only what was ordered is picked.');
	const short = shortOf(sale.lines, standing);
	if (short) return err(`Not all of it is there: ${short}. Nothing was taken.`);
	return ok({ ...sale, state: 'picked', reservedUntil: null, log: noted(sale, step, 'picked') });
}

/** Hands the kit over. */
export function handOver(sale: Sale, step: SaleStep): Result<Sale, string> {
	if (sale.state !== 'picked') return err('Only what was picked is handed over.');
	return ok({ ...sale, state: 'handed-over', log: noted(sale, step, 'handed over') });
}

/** The customer does not take it. What was picked has to come back first. */
export function lose(sale: Sale, because: LostReason, step: SaleStep): Result<Sale, string> {
	if (sale.state !== 'quoted' && sale.state !== 'ordered')
		return err('What was picked comes back as a return, it is not lost.');
	return ok({
		...sale,
		state: 'lost',
		reservedUntil: null,
		lostBecause: because,
		log: noted(sale, step, `lost: ${because.replaceAll('-', ' ')}`)
	});
}

/** Packs come back, some or all of them. Once all have, the sale is a returned one. */
export function takeBack(
	sale: Sale,
	{ reason, restocked, packs }: { reason: ReturnReason; restocked: boolean; packs: ReadonlyMap<string, number> },
	step: SaleStep
): Result<Sale, string> {
	if (sale.state !== 'picked' && sale.state !== 'handed-over') return err('Nothing of it has left the shelf.');
	const lines = sale.lines.flatMap(({ sku }) => {
		const count = packs.get(sku) ?? 0;
		return count > 0 ? [{ sku, packs: count }] : [];
	});
	if (lines.length === 0) return err('Say how many packs came back.');
	const over = sale.lines.find(({ sku, packs: sold, returned }) => (packs.get(sku) ?? 0) > sold - returned);
	if (over)
		return err(
			`${over.name} (${over.sku}): ${over.packs - over.returned} can come back, not ${packs.get(over.sku) ?? 0}.`
		);
	const after = sale.lines.map((line) => ({ ...line, returned: line.returned + (packs.get(line.sku) ?? 0) }));
	const isAll = after.every(({ packs: sold, returned }) => returned >= sold);
	const what = `${
		isAll
			? 'all of it'
			: counted(
					lines.reduce((sum, line) => sum + line.packs, 0),
					'pack'
				)
	} came back: ${reason.replaceAll('-', ' ')}`;
	return ok({
		...sale,
		state: isAll ? 'returned' : sale.state,
		lines: after,
		returns: [...sale.returns, { on: step.on, reason, restocked, lines }],
		log: noted(sale, step, what)
	});
}
