/**
 * Every table with rows of its own, in the order in which rows may point at one another, with the columns that tell its rows apart. A new
 * table is an entry here; a test says so.
 */
export const TABLES = {
	units: ['id'],
	configurations: ['id'],
	configuration_search: ['id'],
	unit_uses: ['unit_id', 'configuration_id'],
	open_questions: ['configuration_id', 'subject_kind', 'subject', 'fact'],
	products: ['id'],
	product_fits: ['product_id', 'category'],
	accessories: ['id'],
	stock_search: ['id'],
	packs: ['sku'],
	branches: ['id'],
	branch_packs: ['branch_id', 'sku'],
	shelf_marks: ['category'],
	kits: ['id'],
	kit_revisions: ['kit_id', 'revision'],
	kit_items: ['kit_id', 'item'],
	kit_also: ['kit_id', 'configuration_id'],
	fittings: ['id'],
	fitting_marks: ['id'],
	pictures: ['hash'],
	proofs: ['id'],
	proof_products: ['proof_id', 'product_id'],
	complaints: ['id'],
	fitted_lamps: ['fitting_id', 'socket_id'],
	follow_ups: ['id'],
	sales: ['id'],
	sale_packs: ['sale_id', 'sku'],
	sale_customers: ['sale_id'],
	demand: ['source', 'configuration_id', 'function', 'day', 'answered'],
	records: ['id'],
	settings: ['key'],
	heading_maps: ['supplier', 'sheet'],
	merged_configurations: ['id'],
	events: ['id'],
	accounts: ['id'],
	account_branches: ['account_id', 'branch_id'],
	sessions: ['token'],
	bay_codes: ['code'],
	api_tokens: ['id'],
	webhooks: ['id'],
	messages: ['id'],
	flagged_kits: ['code'],
	bulk_kits: ['number'],
	imports: ['id'],
	cover_state: ['id'],
	cover_views: ['number'],
	cover_traits: ['number'],
	cover_places: ['number'],
	cover_products: ['number'],
	cover_vehicles: ['configuration_id'],
	practice_answers: ['number'],
	practice_skills: ['person', 'kind'],
	practice_consents: ['person'],
	practice_cases: ['number']
} as const satisfies Readonly<Record<string, readonly string[]>>;
export type TableName = keyof typeof TABLES;

/** Their names, in order. */
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

/** Tables whose rows count themselves, and by which column. */
export const COUNTED: readonly [table: TableName, column: string][] = [
	['fitting_marks', 'id'],
	['records', 'id'],
	['events', 'id'],
	['accounts', 'id'],
	['api_tokens', 'id'],
	['webhooks', 'id'],
	['bulk_kits', 'number'],
	['practice_answers', 'number'],
	['practice_cases', 'number']
];
