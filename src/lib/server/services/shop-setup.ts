import type { Knex } from 'knex';
import { z } from 'zod';
import { MARKETS } from '../../core/lamps';
import { policy as policySchema } from '../../core/model';
import { DATE_STYLES, MEASURE_SYSTEMS, type DateStyle } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';
import { seenFrom } from '../db/branch';
import { change } from '../db/change';
import { raiseMark, readSetting, writeSetting } from '../repositories/settings';
import { readCurrency, readMeasures, readPolicy } from './policy';

/** How a shop writes and what it begins with. */
export const shopSetup = z.object({
	currency: z.string().trim().toUpperCase().refine(isCurrency, 'must be the three letters of a currency, such as EUR'),
	/** Market of a new vehicle, and the words of the trade. */
	market: z.enum(Object.keys(MARKETS) as [keyof typeof MARKETS, ...(keyof typeof MARKETS)[]]),
	measures: z.enum(MEASURE_SYSTEMS),
	dates: z.enum(DATE_STYLES),
	headlamps: policySchema.shape.headlamps
});
export type ShopSetup = z.infer<typeof shopSetup>;

function isCurrency(code: string): boolean {
	try {
		return /^[A-Z]{3}$/.test(code) && Boolean(new Intl.NumberFormat('en', { style: 'currency', currency: code }));
	} catch {
		return false;
	}
}

/** How days are written. */
export async function readDates(db: Knex): Promise<DateStyle> {
	return ((await readSetting(db, 'dates')) as DateStyle | undefined) ?? 'iso';
}

/** Market of a new vehicle. */
export async function readMarket(db: Knex): Promise<ShopSetup['market']> {
	return ((await readSetting(db, 'market')) as ShopSetup['market'] | undefined) ?? 'UN';
}

/** How the shop is set up now. */
export async function readSetup(db: Knex): Promise<ShopSetup> {
	const [currency, measures, policy] = [
		await readCurrency(db),
		await readMeasures(db),
		await readPolicy(seenFrom(db, null))
	];
	return {
		currency,
		measures: measures as ShopSetup['measures'],
		headlamps: policy.headlamps,
		market: await readMarket(db),
		dates: await readDates(db)
	};
}

/** True once somebody has said how the shop is set up. */
export const isSetUp = async (db: Knex): Promise<boolean> => (await readSetting(db, 'set-up')) === true;

/** Sets the shop up. Prices are not converted: with prices on record the currency stays. */
export function changeSetup(db: Knex, setup: ShopSetup): Promise<Result<ShopSetup, string>> {
	return change(db, async (tx) => {
		const now = await readCurrency(tx);
		if (setup.currency !== now && (await tx('packs').first('sku')))
			return err(
				`Prices are on record in ${now} and are not converted. The currency stays ${now}; nothing was changed.`
			);
		const policy = await readPolicy(seenFrom(tx, null));
		if (policy.headlamps !== setup.headlamps) {
			await writeSetting(tx, 'policy', { ...policy, headlamps: setup.headlamps });
			await raiseMark(tx, 'shop', 'policy');
		}
		for (const key of ['currency', 'market', 'measures', 'dates'] as const) await writeSetting(tx, key, setup[key]);
		await writeSetting(tx, 'set-up', true);
		return ok(setup);
	});
}
