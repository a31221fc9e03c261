import type { Knex } from 'knex';
import * as first from './0001-first';
import * as records from './0002-records';
import * as kitLife from './0003-kit-life';
import * as changes from './0004-changes';
import * as people from './0005-people';
import * as marks from './0006-marks';
import * as fittings from './0007-fittings';
import * as proofs from './0008-proofs';
import * as learn from './0009-learn';
import * as cover from './0010-cover';
import * as sales from './0011-sales';
import * as bulkKits from './0012-bulk-kits';
import * as practice from './0013-practice';
import * as practiceCases from './0014-practice-cases';
import * as jobs from './0015-jobs';
import * as programs from './0016-programs';
import * as branches from './0017-branches';
import * as pictureSizes from './0018-picture-sizes';
import * as webhooks from './0019-webhooks';
import * as beginnings from './0020-beginnings';

/** Migrations in order, under keys that never change. A new one is a file here and an entry in this list. */
const LIST: Readonly<Record<string, Knex.Migration>> = {
	'0001-first': first,
	'0002-records': records,
	'0003-kit-life': kitLife,
	'0004-changes': changes,
	'0005-people': people,
	'0006-marks': marks,
	'0007-fittings': fittings,
	'0008-proofs': proofs,
	'0009-learn': learn,
	'0010-cover': cover,
	'0011-sales': sales,
	'0012-bulk-kits': bulkKits,
	'0013-practice': practice,
	'0014-practice-cases': practiceCases,
	'0015-jobs': jobs,
	'0016-programs': programs,
	'0017-branches': branches,
	'0018-picture-sizes': pictureSizes,
	'0019-webhooks': webhooks,
	'0020-beginnings': beginnings
};

/** Their keys, in order. */
export const MIGRATIONS: readonly string[] = Object.keys(LIST);

/** Migrations as part of the code, so that a build needs no folder of scripts. */
export const migrations: Knex.MigrationSource<string> = {
	getMigrations: () => Promise.resolve([...MIGRATIONS]),
	getMigrationName: (name) => name,
	getMigration: (name) => Promise.resolve(LIST[name] as Knex.Migration)
};
