import type { Knex } from 'knex';
import { log } from './log';
import { askWhenDue } from './services/supplier-timer';

/** How often somebody looks whether the supplier is to be asked, ms. */
export const ASK_MS = 10 * 60 * 1000;

/** Asks the supplier if it is time. */
export async function ask(database: () => Promise<Knex>): Promise<void> {
	try {
		const state = await askWhenDue(await database(), () => new Date());
		if (state?.trouble) log.warn({ trouble: state.trouble }, 'the supplier was asked by the timer');
	} catch (error) {
		log.error({ err: error }, 'the supplier could not be asked');
	}
}
