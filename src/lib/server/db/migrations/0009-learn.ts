import { createHash } from 'node:crypto';
import type { Knex } from 'knex';

/** Complaints, follow-ups, and what lamp went where: what a shop learns from. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('complaints', (t) => {
		t.string('id').primary();
		t.string('state').notNullable().index();
		/** What it is about, as far as it was said; none of it has to be on record. */
		t.string('configuration_id').index();
		t.string('product_id').index();
		t.string('code').index();
		t.string('fitting_id').index();
		t.string('filed_on').notNullable();
		t.string('settled_on').index();
		/** The whole of it, JSON. */
		t.text('document').notNullable();
	});
	await db.schema.createTable('fitted_lamps', (t) => {
		t.string('fitting_id').notNullable().references('fittings.id').onDelete('CASCADE');
		t.string('configuration_id').notNullable().index();
		t.string('socket_id').notNullable();
		t.string('product_id').notNullable().index();
		/** Day it was fitted. */
		t.string('fitted_on').notNullable();
		t.primary(['fitting_id', 'socket_id']);
	});
	await db.schema.createTable('follow_ups', (t) => {
		t.string('id').primary();
		t.string('fitting_id').index();
		t.string('configuration_id').index();
		t.string('product_id').index();
		t.integer('months');
		t.string('answered_on').notNullable();
		t.text('document').notNullable();
	});
	const rows: { document: string }[] = await db('records').where({ list: 'complaints' }).orderBy('id');
	for (const { document } of rows) {
		const said = JSON.parse(document) as Record<string, string | undefined>;
		const id = said.id ?? `C${createHash('sha256').update(document).digest('hex').slice(0, 9).toUpperCase()}`;
		const state = said.settled === undefined ? 'open' : 'settled';
		await db('complaints')
			.insert({
				id,
				state,
				configuration_id: said.configuration ?? null,
				product_id: said.product ?? null,
				code: said.code ?? null,
				fitting_id: null,
				filed_on: said.on ?? '',
				settled_on: said.settledOn ?? null,
				document: JSON.stringify({ ...said, id, state })
			})
			.onConflict('id')
			.ignore();
	}
	await db('records').where({ list: 'complaints' }).delete();
}

/** Takes it down again; complaints go back to where they were. */
export async function down(db: Knex): Promise<void> {
	const rows: { product_id: string | null; document: string }[] = await db('complaints').orderBy('id');
	for (const { product_id, document } of rows)
		await db('records').insert({ list: 'complaints', about: product_id ?? '', document });
	for (const table of ['follow_ups', 'fitted_lamps', 'complaints']) await db.schema.dropTable(table);
}
