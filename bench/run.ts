import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { compileCatalogue, matchConfiguration } from '../src/lib/core/match';
import { openDatabase } from '../src/lib/server/db/connection';
import { putRecords } from '../tests/support/put-records';
import { access } from './access';
import { beam } from './beam';
import { circuits } from './circuits';
import { diagnosis } from './diagnosis';
import { kits } from './kits';
import { PARTS as ACCESSORIES } from './fleet/products';
import { generateConfiguration, generateProducts } from './generate';
import { cover } from './cover';
import { engines } from './engines';
import { median, ms, slopeOf } from './measure';
import { sellable } from './sellable';
import { people } from './people';
import { importing, searching, walkLine } from './records';

const shop = {
	policy: { headlamps: 'projectors' as const },
	currency: 'EUR',
	accessories: ACCESSORIES.filter(({ id }) => id === 'R12')
};

async function matching(): Promise<void> {
	const configuration = generateConfiguration(40);
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-bench-'));
	const db = await openDatabase(folder);
	const times: { size: number; time: number }[] = [];
	for (const size of [5000, 10000, 20000, 50000]) {
		const products = generateProducts(size);
		const catalogue = compileCatalogue(products);
		const match = await median(() => matchConfiguration(configuration, catalogue, shop));
		const judged = matchConfiguration(configuration, catalogue, shop).reduce((sum, m) => sum + m.candidates.length, 0);
		console.log(`match 40 sockets x ${size} products: ${ms(match)}, ${judged} candidates judged`);
		times.push({ size, time: match });
		if (size !== 5000) continue;
		await putRecords(db, { configurations: [configuration], products });
		await db.schema.createTable('bench_sockets', (t) => {
			t.string('id');
			t.string('category');
		});
		await db('bench_sockets').insert(configuration.sockets.map(({ id, category }) => ({ id, category })));
		const join40 = () =>
			db('bench_sockets as s')
				.join('product_fits as f', 'f.category', 's.category')
				.join('products as p', 'p.id', 'f.product_id')
				.select('s.id as socket', 'p.id', 'p.document')
				.then((rows: { document: string }[]) => rows.map((row) => JSON.parse(row.document)));
		const joined = await median(join40);
		console.log(
			`plain SQL join on category, rows read: ${ms(joined)}; match / join = ${(match / joined).toFixed(2)} (aim: at most 5, under 50 ms)`
		);
	}
	console.log(`match, slope over products from 5000 to 50000: ${slopeOf(times).toFixed(2)} (1 is linear)`);
	await db.destroy();
	rmSync(folder, { recursive: true });
}

interface Chunk {
	file: string;
	imports?: string[];
}

/** Size of all scripts the Match page loads first, gzip, from the build's manifest. */
function firstLoad(): void {
	const folder = '.svelte-kit/output/client';
	const path = join(folder, '.vite/manifest.json');
	if (!existsSync(path)) return console.log('first load of Match: build first (npm run build)');
	const manifest = JSON.parse(readFileSync(path, 'utf8')) as Record<string, Chunk>;
	const nodes = readdirSync('.svelte-kit/generated/client-optimized/nodes').map((f) => f.replace('.js', ''));
	const isNeeded = (n: string) =>
		/routes\/(\+layout|vehicles\/\[id\]\/(\+layout|match))/.test(
			readFileSync(`.svelte-kit/generated/client-optimized/nodes/${n}.js`, 'utf8')
		);
	const entries = Object.keys(manifest).filter(
		(key) =>
			/entry\.js|client-optimized\/app\.js|runtime\/client\/entry/.test(key) ||
			nodes.some((n) => key.endsWith(`nodes/${n}.js`) && isNeeded(n))
	);
	const files = new Set<string>();
	const visit = (key: string): void => {
		const chunk = manifest[key];
		if (!chunk || files.has(chunk.file)) return;
		files.add(chunk.file);
		chunk.imports?.forEach(visit);
	};
	entries.forEach(visit);
	const bytes = [...files]
		.filter((f) => f.endsWith('.js'))
		.reduce((sum, f) => sum + gzipSync(readFileSync(join(folder, f))).length, 0);
	console.log(`first load of Match: ${(bytes / 1000).toFixed(0)} kB gzip in ${files.size} scripts (aim: under 200)`);
}

const PARTS: Record<string, () => void | Promise<void>> = {
	access,
	beam,
	walkLine,
	searching,
	importing,
	matching,
	cover,
	sellable,
	kits,
	circuits,
	diagnosis,
	firstLoad,
	people,
	engines
};
const only = process.argv[2];
for (const [name, part] of Object.entries(PARTS)) if (only === undefined || only === name) await part();
