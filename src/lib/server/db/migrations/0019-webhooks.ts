import type { Knex } from 'knex';

/** Addresses that are told of things are called webhooks. */
export async function up(db: Knex): Promise<void> {
	// A few databases were made with the new name from the start.
	if (!(await db.schema.hasTable('hooks'))) return;
	await db.raw('ALTER TABLE hooks RENAME TO webhooks');
	await db.raw('ALTER TABLE messages RENAME COLUMN hook_id TO webhook_id');
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.raw('ALTER TABLE messages RENAME COLUMN webhook_id TO hook_id');
	await db.raw('ALTER TABLE webhooks RENAME TO hooks');
}
