import type { Knex } from 'knex';

/** What was proved on vehicles: mode tests, light, pictures of beams, aim, temperatures, beam checks. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('proofs', (t) => {
		t.string('id').primary();
		t.string('kind').notNullable();
		t.string('configuration_id').notNullable().references('configurations.id').index();
		t.string('made_on').notNullable();
		/** The whole of it, JSON. */
		t.text('document').notNullable();
	});
	/** Lamp types a proof says something of: they are judged by it. */
	await db.schema.createTable('proof_products', (t) => {
		t.string('proof_id').notNullable().references('proofs.id').onDelete('CASCADE');
		t.string('product_id').notNullable().index();
		t.primary(['proof_id', 'product_id']);
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of ['proof_products', 'proofs']) await db.schema.dropTable(table);
}
