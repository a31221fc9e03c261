import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { coverOf, LiveCover, missingProducts, offeredIn, tally, type Cover } from '../src/lib/core/cover';
import { assumedForPlaces, productCase, type Shop } from '../src/lib/core/match';
import type { Product } from '../src/lib/core/model';
import { rememberingLens } from '../src/lib/core/optics';
import { openDatabase } from '../src/lib/server/db/connection';
import { coverIn, runCover } from '../src/lib/server/services/cover/run';
import { putRecords } from '../tests/support/put-records';
import { generateOffer, PARTS } from './fleet/products';
import { generateFleet } from './fleet/vehicles';
import { slopeOf } from './measure';

const PRODUCTS = 5000;
const SIZES = [1000, 5000, 10_000, 20_000, 50_000];
const WHOLE = 10_000;
const BATCH = 1000;

const shop: Shop = { policy: { headlamps: 'projectors' }, accessories: PARTS, currency: 'EUR' };
const by = () => ({ shop, assumed: assumedForPlaces(undefined), through: rememberingLens() });
const now = () => new Date().toISOString();
const seconds = (ms: number) => `${(ms / 1000).toFixed(1)} s`;
const memory = () => `${Math.round(process.memoryUsage().rss / 1e6)} MB`;

async function timed<T>(work: () => T | Promise<T>): Promise<[T, number]> {
	const start = performance.now();
	const answer = await work();
	return [answer, performance.now() - start];
}

/** The join that says only which products have the category of a socket: what a table of categories could answer. */
async function plainJoin(db: Knex, cover: Cover): Promise<number> {
	await db.schema.createTable('bench_places', (t) => {
		t.string('configuration').index();
		t.string('category').index();
	});
	const rows = cover.vehicles.flatMap(({ facts, places }) =>
		Array.from(places, (place) => ({ configuration: facts.id, category: cover.places[place]?.category ?? '' }))
	);
	for (let at = 0; at < rows.length; at += 400) await db('bench_places').insert(rows.slice(at, at + 400));
	const [, time] = await timed(() =>
		db('bench_places as s').join('product_fits as f', 'f.category', 's.category').count({ n: '*' })
	);
	return time;
}

/** The whole fleet against the whole catalogue, kept in a database; then what a change costs. */
async function inDatabase(): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-bench-'));
	const db = await openDatabase(folder);
	const [fleet, products] = [generateFleet(WHOLE), generateOffer(PRODUCTS)];
	for (let at = 0; at < fleet.length; at += BATCH)
		await putRecords(db, { configurations: fleet.slice(at, at + BATCH) });
	await putRecords(db, { products, accessories: PARTS });
	const [, whole] = await timed(() => runCover(db, { now }));
	console.log(
		`cover, ${WHOLE} configurations x ${PRODUCTS} products, written: ${seconds(whole)} (aim: under 60 s), ${memory()} (aim: under 1 GB)`
	);
	const { cover } = await coverIn(db);
	const [first] = products;
	const slim = { ...first, size: { ...first?.size, frontDiameter: 3 } } as Product;
	await putRecords(db, { products: [slim] });
	const [, product] = await timed(() => runCover(db, { now }));
	console.log(`cover, one changed product: ${product.toFixed(0)} ms (aim: under 2000 ms)`);
	const [vehicle] = fleet;
	if (!vehicle) return;
	const sockets = vehicle.sockets.map((s) => ({ ...s, envelope: { ...s.envelope, frontLength: 61 as never } }));
	await putRecords(db, { configurations: [{ ...vehicle, sockets }] });
	const [, changed] = await timed(() => runCover(db, { now }));
	console.log(`cover, one changed vehicle: ${changed.toFixed(0)} ms (aim: under 100 ms)`);
	const [{ missing }, looking] = await timed(() => missingProducts(cover, offeredIn(cover, { from: 'catalogue' })));
	console.log(`cover, missing products: ${seconds(looking)} (aim: under 5 s), ${missing.length} specifications`);
	const [, counting] = await timed(() => tally(cover, offeredIn(cover, { from: 'shelf' })));
	console.log(`cover, shares by function, make, kind, market and year: ${counting.toFixed(0)} ms`);
	const joined = await plainJoin(db, cover);
	console.log(
		`cover, plain join of categories, counted: ${seconds(joined)}; whole cover / join = ${(whole / joined).toFixed(1)}`
	);
	await db.destroy();
	rmSync(folder, { recursive: true });
}

/** Cost against the number of configurations, in memory. */
async function bySize(): Promise<void> {
	const products = generateOffer(PRODUCTS).map((product) => productCase(product));
	const times: { size: number; time: number }[] = [];
	for (const size of SIZES) {
		const fleet = generateFleet(size);
		const [cover, time] = await timed(() => coverOf(fleet, products, by()));
		const sockets = cover.vehicles.reduce((sum, { places }) => sum + places.length, 0);
		console.log(
			`cover, ${size} configurations: ${seconds(time)}, ${sockets} sockets are ${cover.places.length} places and ${cover.views.length} views, ${memory()}`
		);
		times.push({ size, time });
	}
	console.log(`cover, slope over configurations: ${slopeOf(times).toFixed(2)} (aim: at most 1.1)`);
}

/** The cover engine: whole, by changes, and by size. */
export async function cover(): Promise<void> {
	// The first run warms the rules up for those that are timed.
	const warm = new LiveCover(by());
	warm.putProducts(generateOffer(300).map((product) => productCase(product)));
	for (const configuration of generateFleet(200)) warm.putVehicle(configuration);
	for (const places of warm.work()) void places;
	await inDatabase();
	await bySize();
}
