import type { Knex } from 'knex';
import { engineOf } from '../engines';

/** Letters of the beginnings of words by which the stock is found at once: “white” and “amber” stand in every tenth name. */
const [LETTERS, BEFORE] = [5, 3];

/** What is sold is found by longer beginnings of words. */
export async function up(db: Knex): Promise<void> {
	await engineOf(db).indexBeginnings(db, 'stock_search', LETTERS);
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await engineOf(db).indexBeginnings(db, 'stock_search', BEFORE);
}
