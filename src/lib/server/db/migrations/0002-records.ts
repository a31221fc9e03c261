import type { Knex } from 'knex';
import { engineOf } from '../engines';

/** Events of a record, open questions, shared lamp units, records merged into others, and how suppliers name their columns. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('events', (t) => {
		t.increments('id');
		/** `configuration:ID` or `unit:ID`. */
		t.string('record').notNullable().index();
		t.string('at').notNullable();
		t.string('by');
		t.string('kind').notNullable();
		t.integer('of');
		t.text('what').notNullable();
		/** JSON patches, RFC 6902: to the state after, and back to the state before. */
		t.text('forward').notNullable();
		t.text('backward').notNullable();
	});
	await db.schema.createTable('open_questions', (t) => {
		t.string('configuration_id').notNullable().references('configurations.id').onDelete('CASCADE').index();
		t.string('subject_kind').notNullable();
		t.string('subject').notNullable();
		t.string('fact').notNullable();
		t.primary(['configuration_id', 'subject_kind', 'subject', 'fact']);
	});
	await db.schema.createTable('units', (t) => {
		t.string('id').primary();
		t.string('name').notNullable();
		t.text('document').notNullable();
	});
	await db.schema.createTable('unit_uses', (t) => {
		t.string('unit_id').notNullable().references('units.id').index();
		t.string('configuration_id').notNullable().references('configurations.id').onDelete('CASCADE');
		t.primary(['unit_id', 'configuration_id']);
	});
	await db.schema.createTable('merged_configurations', (t) => {
		t.string('id').primary();
		t.string('into_id').notNullable();
		t.string('at').notNullable();
		t.text('document').notNullable();
	});
	await db.schema.createTable('heading_maps', (t) => {
		t.string('supplier').notNullable();
		t.string('sheet').notNullable();
		t.text('map').notNullable();
		t.primary(['supplier', 'sheet']);
	});
	await engineOf(db).createVocabulary(db);
}

/** Takes everything down again. */
export async function down(db: Knex): Promise<void> {
	await engineOf(db).dropVocabulary(db);
	const tables = ['heading_maps', 'merged_configurations', 'unit_uses', 'units', 'open_questions', 'events'];
	for (const table of tables) await db.schema.dropTable(table);
}
