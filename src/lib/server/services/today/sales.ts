import { OPEN_SALES } from '../../../core/views';
import { listSales } from '../../repositories/sales';
import { configurationNames } from '../../repositories/configurations';
import { MOST_OF_A_KIND, type WaitingSource } from './source';

const WHAT = {
	quoted: 'Quote waiting for an answer',
	ordered: 'To pick',
	picked: 'To hand over'
} as const;

/** Quotes nobody has answered, orders to pick, kits to hand over. */
export const salesWaiting: WaitingSource = async (db, today) => {
	const { sales } = await listSales(db, { states: OPEN_SALES, from: 0, most: MOST_OF_A_KIND });
	const names = await configurationNames(
		db,
		sales.map(({ configuration }) => configuration)
	);
	return sales.map((sale) => ({
		kind: sale.state === 'quoted' ? ('quote' as const) : ('hand-over' as const),
		id: sale.id,
		vehicle: sale.configuration,
		title: `${WHAT[sale.state as keyof typeof WHAT]}: kit ${sale.code}`,
		detail: names.get(sale.configuration) ?? sale.configuration,
		worth: sale.total,
		day: sale.reservedUntil ?? sale.quotedOn,
		isPressing: sale.state !== 'quoted' || (sale.reservedUntil !== null && sale.reservedUntil <= today)
	}));
};
