import type { Knex } from 'knex';
import { log } from './log';
import { askWhenDue } from './services/supplier-timer';

/** How often somebody looks whether the supplier is to be asked, ms. */
const LOOK_MS = 10 * 60 * 1000;

let timer: NodeJS.Timeout | undefined;

/** Asks the supplier if it is time. */
export async function ask(database: () => Promise<Knex>): Promise<void> {
	try {
		const state = await askWhenDue(await database(), () => new Date());
		if (state?.trouble) log.warn({ trouble: state.trouble }, 'the supplier was asked by the timer');
	} catch (error) {
		log.error({ err: error }, 'the supplier could not be asked');
	}
}

/** Asks the supplier by itself, as often as the shop has set, while the server runs. */
export function startAsking(look: () => void): void {
	timer ??= setInterval(look, LOOK_MS).unref();
}

/** Stops asking. */
export function stopAsking(): void {
	clearInterval(timer);
	timer = undefined;
}
