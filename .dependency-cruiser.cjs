/** Areas of the core, each with the areas it may read. Types of the format may be read everywhere. */
const CORE = 'src/lib/core/';
const MAY_READ = {
	units: [],
	result: [],
	lamps: [],
	vehicle: ['lamps', 'result', 'units'],
	record: ['lamps', 'vehicle', 'result', 'units'],
	walk: ['lamps', 'vehicle', 'record', 'result', 'units'],
	identify: ['lamps', 'vehicle', 'record', 'result', 'units'],
	optics: ['lamps', 'vehicle', 'units', 'result'],
	claims: ['optics', 'lamps', 'vehicle', 'units', 'result'],
	fit: ['lamps', 'vehicle', 'units', 'result'],
	heat: ['lamps', 'vehicle', 'units', 'result'],
	circuit: ['lamps', 'vehicle', 'units', 'result'],
	match: ['lamps', 'vehicle', 'optics', 'claims', 'fit', 'heat', 'circuit', 'units', 'result'],
	kit: ['match', 'lamps', 'vehicle', 'optics', 'fit', 'heat', 'circuit', 'units', 'result'],
	exchange: ['lamps', 'vehicle', 'record', 'walk', 'identify', 'kit', 'match', 'units', 'result'],
	showing: [
		'exchange',
		'record',
		'walk',
		'identify',
		'kit',
		'match',
		'lamps',
		'vehicle',
		'optics',
		'fit',
		'heat',
		'circuit',
		'units',
		'result'
	]
};

const areaRule = ([area, reads]) => ({
	name: `core-${area}-reads-only-what-it-may`,
	severity: 'error',
	comment: `${area} may read ${reads.join(', ') || 'nothing but itself'}, and types of exchange`,
	from: { path: `^${CORE}${area}/`, pathNot: '\\.test\\.ts$' },
	to: {
		path: `^${CORE}`,
		pathNot: `^${CORE}(${[area, ...reads].join('|')})/`,
		dependencyTypesNot: ['type-only']
	}
});

module.exports = {
	forbidden: [
		...Object.entries(MAY_READ).map(areaRule),
		{
			name: 'core-is-pure',
			severity: 'error',
			comment: 'The core reads itself, its facts, and zod',
			from: { path: `^${CORE}`, pathNot: '\\.test\\.ts$' },
			to: { pathNot: `^(${CORE}|data/facts/|node_modules/zod/)` }
		},
		{
			name: 'zod-only-in-exchange',
			severity: 'error',
			from: { path: `^${CORE}`, pathNot: [`^${CORE}exchange/`, '\\.test\\.ts$'] },
			to: { path: '^node_modules/zod/' }
		},
		{
			name: 'only-server-files-read-server',
			severity: 'error',
			from: {
				pathNot: [
					'^src/lib/server/',
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
			name: 'no-cycles',
			severity: 'error',
			from: { path: '^src/' },
			to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } }
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
