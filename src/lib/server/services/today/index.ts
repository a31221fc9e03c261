import type { Knex } from 'knex';
import { byWorth, type Waiting } from '../../../core/views';
import { brokenWaiting } from './broken';
import { complaintsWaiting } from './complaints';
import { kitsWaiting } from './kits';
import { questionsWaiting } from './questions';
import { salesWaiting } from './sales';
import type { WaitingSource } from './source';
import { walksWaiting } from './walks';

/** Where work comes from. A new kind is a file beside this one and an entry here. */
const SOURCES: readonly WaitingSource[] = [
	complaintsWaiting,
	salesWaiting,
	brokenWaiting,
	kitsWaiting,
	questionsWaiting,
	walksWaiting
];

/** What wants a person today, the most pressing and most worth first. */
export async function waitingToday(db: Knex, today: string): Promise<Waiting[]> {
	const found: Waiting[] = [];
	for (const source of SOURCES) found.push(...(await source(db, today)));
	return found.sort(byWorth);
}

export { changedSince, type ChangeSince } from './since';
