import type { Knex } from 'knex';
import { whereIs } from '../db/where';
import type { Jobs } from './jobs';
import { localJobs } from './local';

export type { Bus, Jobs, Queue, Work } from './jobs';

/** The work in line of the data of a folder: in this process for a file, on the server for a server. */
export async function jobsOf(db: Knex, folder: string): Promise<Jobs> {
	const where = whereIs(folder);
	// Only who works on a server reads what that takes.
	return where.engine === 'sqlite' ? localJobs() : (await import('./shared')).sharedJobs(db, where);
}
