import type { Knex } from 'knex';
import { z } from 'zod';
import { changeAlways } from '../db/change';
import { readSetting, writeSetting } from '../repositories/settings';
import { askSupplier, shopSupplier, supplierState, type SupplierState } from './supplier';

/** How often the supplier is asked by itself, hours; 0 for only when somebody asks. */
export const ASK_EVERY_HOURS = [0, 1, 6, 24, 168] as const;
export type AskEveryHours = (typeof ASK_EVERY_HOURS)[number];

const SETTING = 'supplier-every';
const HOUR_MS = 3600 * 1000;
const hours = z.literal(ASK_EVERY_HOURS).catch(0);

/** How often the supplier is asked by itself, hours. */
export const askEvery = async (db: Knex): Promise<AskEveryHours> => hours.parse(await readSetting(db, SETTING));

/** Sets how often the supplier is asked by itself. */
export const setAskEvery = (db: Knex, every: AskEveryHours): Promise<void> =>
	changeAlways(db, (tx) => writeSetting(tx, SETTING, every));

/** Asks the supplier when it is time; null when it is not. What changed is noted as when a person asks. */
export async function askWhenDue(db: Knex, now: () => Date): Promise<SupplierState | null> {
	const every = await askEvery(db);
	if (every === 0) return null;
	const supplier = await shopSupplier(db, now);
	const { lastAsked } = await supplierState(db, supplier);
	if (lastAsked !== null && now().getTime() - Date.parse(lastAsked) < every * HOUR_MS) return null;
	return askSupplier(db, supplier, { by: 'the timer', now: now().toISOString() });
}
