const CORE = 'src/lib/core/';

/** The areas of the core, from the ground floor up: each reads only areas before it. Types count like everything else. */
const AREAS = [
	'quantity',
	'result',
	'lamps',
	'model',
	'vehicle',
	'record',
	'walk',
	'identify',
	'optics',
	'claims',
	'fit',
	'heat',
	'beam',
	'circuit',
	'accessories',
	'match',
	'solver',
	'access',
	'remedy',
	'kit',
	'sale',
	'fitup',
	'proof',
	'learn',
	'cover',
	'practice',
	'views',
	'exchange'
];

/** The stages of a kit, in the order a kit is worked out: each reads only stages before it. */
const KIT_STAGES = [
	'order',
	'weigh',
	'choices',
	'program',
	'solution',
	'answer',
	'assemble',
	'check',
	'variants',
	'life'
];

/** One rule a room: from it nothing leads to a room after it. */
const inOrder = (folder, rooms, kind) =>
	rooms.map((room, i) => ({
		name: `${kind}-${room}-reads-only-what-is-below`,
		severity: 'error',
		comment: `${room} may read ${rooms.slice(0, i).join(', ') || 'nothing but itself'}`,
		from: { path: `^${folder}${room}/`, pathNot: '\\.test\\.ts$' },
		to: { path: `^${folder}(${rooms.slice(i + 1).join('|') || 'nothing'})/` }
	}));

module.exports = {
	forbidden: [
		...inOrder(CORE, AREAS, 'core'),
		...inOrder(`${CORE}kit/`, KIT_STAGES, 'kit'),
		{
			name: 'core-areas-are-listed',
			severity: 'error',
			comment: 'A new area of the core has its place in AREAS',
			from: { path: `^${CORE}`, pathNot: `^${CORE}(${AREAS.join('|')})/` },
			to: {}
		},
		{
			name: 'a-kit-is-checked-without-what-made-it',
			severity: 'error',
			comment: 'The independent check shares nothing with what it checks',
			from: { path: `^${CORE}kit/check/`, pathNot: '\\.test\\.ts$' },
			to: { path: `^${CORE}kit/(choices|program|solution|assemble|weigh)/` }
		},
		{
			name: 'core-is-pure',
			severity: 'error',
			comment: 'The core reads itself, its facts, and the few libraries named here',
			from: { path: `^${CORE}`, pathNot: '\\.test\\.ts$' },
			to: {
				pathNot: `^(${CORE}|data/facts/)|(^|/)node_modules/(zod|ml-matrix|pure-rand|ts-fsrs|@internationalized/date)/`
			}
		},
		{
			name: 'zod-only-in-the-model-and-in-exchange',
			severity: 'error',
			from: { path: `^${CORE}`, pathNot: [`^${CORE}(model|exchange)/`, '\\.test\\.ts$'] },
			to: { path: '(^|/)node_modules/zod/' }
		},
		{
			name: 'core-tests-read-core',
			severity: 'error',
			comment: 'Demo records as data, the solver through its port: tests/support hands them over',
			from: { path: `^${CORE}.*\\.test\\.ts$` },
			to: { path: '^(src/(lib/(server|client|components)|routes|cli)|bench)/' }
		},
		{
			name: 'only-server-files-read-server',
			severity: 'error',
			from: {
				pathNot: [
					'^src/lib/server/',
					'^src/app\\.d\\.ts$',
					'^src/cli/',
					'^bench/',
					'^scripts/',
					'^tests/',
					'^src/hooks\\.server\\.ts$',
					'\\+(page|layout)\\.server\\.ts$',
					'\\+server\\.ts$',
					'\\.test\\.ts$'
				]
			},
			to: { path: '^src/lib/server/' }
		},
		{
			name: 'server-reads-no-interface',
			severity: 'error',
			from: { path: '^src/lib/server/' },
			to: { path: '^src/(lib/components|lib/client|routes|cli)/' }
		},
		{
			name: 'components-read-core-and-client',
			severity: 'error',
			from: { path: '^src/lib/components/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/(lib/server|routes|cli)/' }
		},
		{
			name: 'nobody-reads-the-command-line',
			severity: 'error',
			from: { pathNot: ['^src/cli/', '\\.test\\.ts$'] },
			to: { path: '^src/cli/' }
		},
		{
			name: 'exceljs-behind-one-door',
			severity: 'error',
			comment: 'The workbook library can be exchanged in one folder',
			from: { path: '^src/', pathNot: ['^src/lib/server/documents/workbooks/', '\\.test\\.ts$'] },
			to: { path: '(^|/)node_modules/exceljs/' }
		},
		{
			name: 'no-circles',
			severity: 'error',
			comment: 'No circle among files, types included',
			from: { path: '^src/' },
			to: { circular: true }
		},
		{
			name: 'nothing-unresolvable',
			severity: 'error',
			from: { path: '^src/' },
			to: { couldNotResolve: true, pathNot: '^(\\$app|\\$env|\\./\\$types)' }
		}
	],
	options: {
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		doNotFollow: { path: 'node_modules' },
		webpackConfig: { fileName: 'scripts/resolve.cjs' }
	}
};
