import type { Knex } from 'knex';

/** Tables whose rows belong to a branch: the first one, or the only shop there is, where nothing is said. */
const OF_A_BRANCH = ['kits', 'sales', 'fittings', 'imports', 'bulk_kits'] as const;

/** Branches of a chain: what each has on its shelves beside the first one, whose shelves stand with the products, and who does what there. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('branches', (t) => {
		t.string('id').primary();
		t.string('name').notNullable();
		/** 1 for the first one. */
		t.integer('first').notNullable();
		t.integer('closed').notNullable().defaultTo(0);
	});
	await db.schema.createTable('branch_packs', (t) => {
		t.string('branch_id').notNullable().references('branches.id');
		t.string('sku').notNullable().index();
		/** Packs on the shelf and on order; null where nobody counted. */
		t.integer('stock');
		t.integer('ordered');
		/** Minor units; null where it is as at the first branch. */
		t.integer('price');
		t.string('shelf');
		t.primary(['branch_id', 'sku']);
	});
	await db.schema.createTable('account_branches', (t) => {
		t.integer('account_id').notNullable().references('accounts.id').onDelete('CASCADE');
		t.string('branch_id').notNullable().references('branches.id');
		t.string('role').notNullable();
		t.primary(['account_id', 'branch_id']);
	});
	for (const table of OF_A_BRANCH)
		await db.schema.alterTable(table, (t) => {
			t.string('branch_id');
		});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	// Dropping a column by way of a copy of the table would take along what points at it.
	for (const table of OF_A_BRANCH) await db.raw('ALTER TABLE ?? DROP COLUMN branch_id', [table]);
	for (const table of ['account_branches', 'branch_packs', 'branches']) await db.schema.dropTable(table);
}
