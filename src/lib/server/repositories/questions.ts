import type { Knex } from 'knex';

/** Ids of the configurations with open questions, in order. */
export async function configurationsWithQuestions(db: Knex): Promise<string[]> {
	const rows: { configuration_id: string }[] = await db('open_questions')
		.distinct('configuration_id')
		.orderBy('configuration_id');
	return rows.map((row) => row.configuration_id);
}

/** How many questions are open, of one configuration or of all. */
export async function countQuestions(db: Knex, configurationId?: string): Promise<number> {
	const query = db('open_questions').count({ n: '*' });
	if (configurationId !== undefined) void query.where({ configuration_id: configurationId });
	const [row] = await query;
	return Number(row?.n ?? 0);
}
