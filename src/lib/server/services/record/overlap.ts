import type { Knex } from 'knex';
import type { Configuration } from '../../../core/model';
import { cannotBeToldApart } from '../../../core/identify';
import { vehicleName } from '../../../core/vehicle';

/** One sentence when another configuration of the same model cannot be told from this one; null when every one can. */
export async function overlapWith(db: Knex, configuration: Configuration): Promise<string | null> {
	const rows: { document: string }[] = await db('configurations')
		.where({ make: configuration.make, model: configuration.model })
		.whereNot({ id: configuration.id })
		.select('document');
	const others = rows.map((row) => JSON.parse(row.document) as Configuration);
	const other = others.find((candidate) => cannotBeToldApart(configuration, candidate));
	return other
		? `The years overlap with ${vehicleName(other)} (${other.id}), and nothing else tells the two apart. Change the years, or name an option that can be seen. Nothing was changed.`
		: null;
}
