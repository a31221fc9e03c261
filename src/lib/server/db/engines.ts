import type { Knex } from 'knex';
import type { Engine } from './engine';
import { POSTGRES } from './postgres';
import { SQLITE } from './sqlite';

const ENGINES: readonly Engine[] = [SQLITE, POSTGRES];

/** The engine that a database runs on. */
export function engineOf(db: Knex): Engine {
	const { client } = db.client.config as { client: string };
	const engine = ENGINES.find((one) => one.client === client);
	if (!engine) throw new Error(`There is no engine for ${client}.`);
	return engine;
}
