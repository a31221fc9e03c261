import { parseArgs } from 'node:util';
import type { RotaluxDocument } from '../../lib/core/model';
import { packed } from '../../lib/server/documents/archive';
import { csvFiles } from '../../lib/server/documents/csv';
import { workbook } from '../../lib/server/documents/workbooks/write';
import { exportComplete } from '../../lib/server/services/complete';
import { exportAll } from '../../lib/server/services/exchange';
import { everyPicture } from '../../lib/server/repositories/fittings';
import { readWord, type Command } from '../io';
import { withDatabase } from '../with-database';

const KINDS = ['json', 'csv', 'xlsx', 'zip'] as const;

/** Prints everything in the shop's database: JSON, CSV tables one after another, a workbook, or JSON with its pictures in one archive. Complete, with every history, it comes back equal. */
export const exportShop: Command = {
	usage: 'export [--as json|csv|xlsx|zip] [--complete]',
	run: async (args) => {
		const { values } = parseArgs({
			args,
			options: { as: { type: 'string', default: 'json' }, complete: { type: 'boolean' } }
		});
		const kind = readWord('--as', values.as, KINDS);
		if (kind === 'zip')
			return { output: await withDatabase(async (db) => packed(await exportAll(db), await everyPicture(db))) };
		const document = await withDatabase(values.complete ? exportComplete : exportAll);
		if (kind === 'json') return { output: document };
		const tables = csvFiles(document as unknown as RotaluxDocument);
		return kind === 'csv'
			? { output: tables.map((t) => `${t.name}\r\n${t.text}`).join('\r\n') }
			: { output: await workbook(tables) };
	}
};
