import { createRequire } from 'node:module';

interface Planted {
	/** The rule that must find it. */
	readonly rule: string;
	/** The file it is found in. */
	readonly file: string;
	/** What that file holds. */
	readonly code: string;
	/** Files beside it, for it to read. */
	readonly beside?: Readonly<Record<string, string>>;
}

/** The rules of who may read whom, as the tool reads them. */
const require = createRequire(import.meta.url);
export const RULES = require('../../.dependency-cruiser.cjs');
/** How it finds packages. */
export const RESOLVE = require('../../scripts/resolve.cjs').resolve;

const RULE_NAMES: readonly string[] = RULES.forbidden.map((rule: { name: string }) => rule.name);

const reads = (path: string) => `import { other } from '${path}';\nexport const planted = other;\n`;
const readsType = (path: string) => `import type { Other } from '${path}';\nexport type Planted = Other;\n`;
const OTHER_JS = 'export const other = 1;\n';
const OTHER = 'export const other = 1;\nexport type Other = number;\n';

/** The rooms that have a rule of their own, in their order. */
function roomsOf(kind: string): readonly string[] {
	const name = new RegExp(`^${kind}-(.+)-reads-only-what-is-below$`);
	return RULE_NAMES.flatMap((rule) => name.exec(rule)?.[1] ?? []);
}

/** Every room but the last reads the one above it, by a type alone. */
function upward(kind: string, folder: string): readonly Planted[] {
	const rooms = roomsOf(kind);
	return rooms.slice(0, -1).map((room, i) => ({
		rule: `${kind}-${room}-reads-only-what-is-below`,
		file: `${folder}${room}/reads-above.ts`,
		code: readsType(`../${rooms[i + 1]}/other`),
		beside: { [`${folder}${rooms[i + 1]}/other.ts`]: OTHER }
	}));
}

const CORE = 'src/lib/core/';

/** One violation for each line of the dependency rule: a tool gone blind passes everything. */
export const PLANTED: readonly Planted[] = [
	...upward('core', CORE),
	...upward('kit', `${CORE}kit/`),
	{
		rule: 'core-lamps-reads-only-what-is-below',
		file: `${CORE}lamps/reads-the-top.ts`,
		code: reads('../exchange/other'),
		beside: { [`${CORE}exchange/other.ts`]: OTHER }
	},
	{
		rule: 'core-areas-are-listed',
		file: `${CORE}attic/reads-lamps.ts`,
		code: reads('../lamps/other'),
		beside: { [`${CORE}lamps/other.ts`]: OTHER }
	},
	...['choices', 'program', 'solution', 'assemble', 'weigh'].map((stage) => ({
		rule: 'a-kit-is-checked-without-what-made-it',
		file: `${CORE}kit/check/reads-${stage}.ts`,
		code: readsType(`../${stage}/other`),
		beside: { [`${CORE}kit/${stage}/other.ts`]: OTHER }
	})),
	{
		rule: 'core-is-pure',
		file: `${CORE}lamps/reads-node.ts`,
		code: "import { readFileSync } from 'node:fs';\nexport const planted = readFileSync;\n"
	},
	{
		rule: 'zod-only-in-the-model-and-in-exchange',
		file: `${CORE}heat/reads-zod.ts`,
		code: reads('zod'),
		beside: { 'node_modules/zod/index.js': OTHER_JS }
	},
	{
		rule: 'core-tests-read-core',
		file: `${CORE}heat/reads-server.test.ts`,
		code: reads('../../server/other'),
		beside: { 'src/lib/server/other.ts': OTHER }
	},
	{
		rule: 'only-server-files-read-server',
		file: 'src/lib/components/reads-server.ts',
		code: reads('../server/other')
	},
	{
		rule: 'server-reads-no-interface',
		file: 'src/lib/server/reads-client.ts',
		code: reads('../client/other'),
		beside: { 'src/lib/client/other.ts': OTHER }
	},
	{
		rule: 'components-read-core-and-client',
		file: 'src/lib/components/reads-a-page.ts',
		code: reads('../../routes/other'),
		beside: { 'src/routes/other.ts': OTHER }
	},
	{
		rule: 'nobody-reads-the-command-line',
		file: 'src/lib/server/reads-cli.ts',
		code: reads('../../cli/other'),
		beside: { 'src/cli/other.ts': OTHER }
	},
	{
		rule: 'exceljs-behind-one-door',
		file: 'src/lib/server/services/reads-exceljs.ts',
		code: reads('exceljs'),
		beside: { 'node_modules/exceljs/index.js': OTHER_JS }
	},
	{
		rule: 'no-circles',
		file: `${CORE}fit/loop.ts`,
		code: readsType('./back'),
		beside: { [`${CORE}fit/back.ts`]: "import type { Planted } from './loop';\nexport type Other = Planted | 1;\n" }
	},
	{
		rule: 'nothing-unresolvable',
		file: `${CORE}fit/reads-nothing.ts`,
		code: reads('./not-there')
	}
];

/** The rules for which nothing is planted: the last room of an order has nothing above it. */
export const RULES_NOT_PLANTED = RULE_NAMES.filter(
	(rule) =>
		!PLANTED.some((planted) => planted.rule === rule) &&
		!['core', 'kit'].some((kind) => rule === `${kind}-${roomsOf(kind).at(-1)}-reads-only-what-is-below`)
);
