import type { Knex } from 'knex';

/** Kits on their way to customers. Who a customer is stands in a table of its own, so that it can be taken away in one step. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('sales', (t) => {
		t.string('id').primary();
		t.string('state').notNullable().index();
		t.string('kit_id').notNullable().index();
		t.string('code').notNullable();
		t.string('configuration_id').notNullable().index();
		/** Last day its packs are kept; null while nothing is promised. */
		t.string('reserved_until');
		t.string('quoted_on').notNullable();
		/** The whole of it, JSON, without the customer. */
		t.text('document').notNullable();
	});
	await db.schema.createTable('sale_packs', (t) => {
		t.string('sale_id').notNullable().references('sales.id').onDelete('CASCADE');
		t.string('sku').notNullable().index();
		t.integer('packs').notNullable();
		t.primary(['sale_id', 'sku']);
	});
	await db.schema.createTable('sale_customers', (t) => {
		t.string('sale_id').primary().references('sales.id').onDelete('CASCADE');
		/** A name or a number, as the customer gave it. */
		t.string('name').notNullable();
		/** Day on which they agreed that it is kept. */
		t.string('agreed_on').notNullable();
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of ['sale_customers', 'sale_packs', 'sales']) await db.schema.dropTable(table);
}
