import type { Knex } from 'knex';

/** An open question by what it is about. */
export interface OpenQuestion {
	configuration: string;
	kind: string;
	subject: string;
	fact: string;
}

/** Ids of configurations with open questions, in order. */
export async function configurationsWithQuestions(db: Knex, most: number): Promise<string[]> {
	const rows: { configuration_id: string }[] = await db('open_questions')
		.distinct('configuration_id')
		.orderBy('configuration_id')
		.limit(most);
	return rows.map((row) => row.configuration_id);
}

/** A part of the open questions, vehicle by vehicle. */
export function questionsOpen(db: Knex, { from, most }: { from: number; most: number }): Promise<OpenQuestion[]> {
	return db('open_questions')
		.orderBy(['configuration_id', 'subject_kind', 'subject', 'fact'])
		.offset(from)
		.limit(most)
		.select({ configuration: 'configuration_id', kind: 'subject_kind', subject: 'subject', fact: 'fact' });
}

/** How many questions are open, of one configuration or of all. */
export async function countQuestions(db: Knex, configurationId?: string): Promise<number> {
	const query = db('open_questions').count({ n: '*' });
	if (configurationId !== undefined) void query.where({ configuration_id: configurationId });
	const [row] = await query;
	return Number(row?.n ?? 0);
}
