import { describe, expect, it } from 'vitest';
import { generateFleet, generateOffer, PARTS } from '../../../../tests/support/fleet';
import { demoDocument } from '../../../../tests/support/demo';
import { shopOf } from '../exchange';
import {
	assumedForPlaces,
	compileCatalogue,
	fieldOf,
	matchConfiguration,
	productCase,
	type Catalogue,
	type Shop
} from '../match';
import { rememberingLens } from '../optics';
import type { Accessory, Configuration, Product, RotaluxDocument } from '../model';
import {
	coverOf,
	idleProducts,
	isOffered,
	LiveCover,
	shelvesOf,
	tally,
	type Cover,
	type CoveredVehicle,
	type KeptCover
} from '.';

const FLEET_SHOP: Shop = { policy: { headlamps: 'projectors' }, accessories: PARTS, currency: 'EUR' };

function coverWith(
	configurations: readonly Configuration[],
	products: readonly Product[],
	catalogue: Catalogue,
	shop: Shop
) {
	const by = { shop, assumed: assumedForPlaces(shop.assumptions), through: catalogue.through };
	return coverOf(
		configurations,
		products.flatMap(({ id }) => catalogue.find(id) ?? []),
		by
	);
}

const allOffered = ({ products }: Cover) =>
	Uint8Array.from(products, (p) => (isOffered(p, { from: 'catalogue' }) ? 1 : 0));

/** What the plain match says: sockets and those with a lamp that fits, alone or with parts, for each vehicle; and products that serve. */
function byMatch(configurations: readonly Configuration[], catalogue: Catalogue, shop: Shop) {
	const serving = new Set<string>();
	const vehicles = configurations.map((configuration) => {
		const matches = matchConfiguration(configuration, catalogue, shop);
		let served = 0;
		for (const { candidates } of matches) {
			const good = candidates.filter(({ verdict }) => verdict === 'fits' || verdict === 'parts');
			for (const { product } of good) serving.add(product.id);
			if (good.length > 0) served += 1;
		}
		return { sockets: configuration.sockets.filter(({ state }) => state === 'filament').length, served };
	});
	return { vehicles, serving };
}

function expectTheSame(
	configurations: readonly Configuration[],
	products: readonly Product[],
	catalogue: Catalogue,
	shop: Shop
) {
	const cover = coverWith(configurations, products, catalogue, shop);
	const plain = byMatch(configurations, catalogue, shop);
	const counted = tally(cover, allOffered(cover));
	expect(counted.vehicles).toEqual(plain.vehicles);
	const idle = new Set(idleProducts(cover).map((number) => cover.products[number]?.record.id as string));
	for (const { id, kind } of products)
		if (kind !== 'assembly') expect([id, idle.has(id)]).toEqual([id, !plain.serving.has(id)]);
	return counted;
}

const catalogueOf = (document: RotaluxDocument) =>
	compileCatalogue(document.products, document.complaints, fieldOf(document));

describe('cover', () => {
	it('counts as the plain match does, on 300 vehicles of a fleet with disputed facts', () => {
		const fleet = generateFleet(300);
		const products = generateOffer(150);
		const counted = expectTheSame(fleet, products, compileCatalogue(products), FLEET_SHOP);
		expect(counted.all.served).toBeGreaterThan(0.2 * counted.all.sockets);
		expect(counted.all.served).toBeLessThan(0.9 * counted.all.sockets);
	});

	it('counts as the plain match does where much was found on vehicles', () => {
		const demo = demoDocument();
		expectTheSame(demo.configurations, demo.products, catalogueOf(demo), shopOf(demo));
		// A lamp proved on one vehicle, kept out of another, and tested on a third.
		const [one, other] = demo.configurations;
		const withFound = {
			...demo,
			complaints: [
				...demo.complaints,
				...generateNeverAgain(one as Configuration, demo.products),
				...generateNeverAgain(other as Configuration, demo.products)
			]
		};
		const before = expectTheSame(demo.configurations, demo.products, catalogueOf(demo), shopOf(demo));
		const after = expectTheSame(withFound.configurations, demo.products, catalogueOf(withFound), shopOf(demo));
		expect(after.all.served).toBeLessThan(before.all.served);
	});

	it('keeps vehicles apart that a part is made for by name', () => {
		const demo = demoDocument();
		const [vehicle] = demo.configurations.filter(({ sockets }) => sockets.some(({ category }) => category === 'H7'));
		const sister = { ...(vehicle as Configuration), id: 'sister', make: 'Otherwise' } as Configuration;
		const named = {
			id: 'RING',
			kind: 'adapter',
			scope: 'lamp',
			fits: { families: [`${vehicle?.make} ${vehicle?.model}`] },
			packs: []
		};
		const shop: Shop = { ...shopOf(demo), accessories: [named as unknown as Accessory] };
		expectTheSame([vehicle as Configuration, sister], demo.products, catalogueOf(demo), shop);
	});

	it('says that nothing is served from an empty shelf', () => {
		const products = generateOffer(60).map((product) => ({ ...product, packs: [] }));
		const catalogue = compileCatalogue(products);
		const cover = coverWith(generateFleet(10), products, catalogue, FLEET_SHOP);
		const none = Uint8Array.from(cover.products, (p) => (isOffered(p, { from: 'shelf' }) ? 1 : 0));
		expect(tally(cover, none).all.served).toBe(0);
		expect(tally(cover, allOffered(cover)).all.served).toBeGreaterThan(0);
	});

	it('shares places: sisters add none', () => {
		const fleet = generateFleet(40);
		const products = generateOffer(60);
		const catalogue = compileCatalogue(products);
		const once = coverWith(fleet, products, catalogue, FLEET_SHOP);
		const sisters = fleet.map((c) => ({ ...c, id: `${c.id} sister`, model: 'Sister' }) as Configuration);
		const twice = coverWith([...fleet, ...sisters], products, catalogue, FLEET_SHOP);
		expect(twice.places.length).toBe(once.places.length);
		expect(tally(twice, allOffered(twice)).all.served).toBe(2 * tally(once, allOffered(once)).all.served);
	});
});

describe('a cover that follows', () => {
	const fleet = generateFleet(30);
	const products = generateOffer(120).map((product) => productCase(product));
	const by = { shop: FLEET_SHOP, assumed: assumedForPlaces(undefined), through: rememberingLens() };
	const finish = (live: LiveCover) => {
		for (const judged of live.work()) void judged;
		return live;
	};
	/** Vehicles by what is served on each, whatever the numbers of places and products are. */
	const counts = (cover: Cover) => tally(cover, allOffered(cover)).vehicles;
	const standing = () => {
		const live = new LiveCover(by);
		live.putProducts(products);
		for (const vehicle of fleet) live.putVehicle(vehicle);
		return finish(live);
	};

	it('comes by changes of products to what it is from the start', () => {
		const live = standing();
		const changed = products.map(({ record }, i) => {
			if (i % 5 === 0) return { ...record, size: { ...record.size, frontDiameter: 1 } };
			if (i % 5 === 1) return { ...record, fits: ['W5W'] };
			if (i % 5 === 2) return { ...record, withdrawn: true };
			return record;
		}) as Product[];
		const more = generateOffer(150).slice(120);
		const then = [...changed, ...more].map((product) => productCase(product));
		for (const product of then) live.putProduct(product);
		live.dropProduct(then[3]?.record.id as string);
		const left = then.filter((_, i) => i !== 3);
		expect(counts(live.snapshot())).toEqual(counts(coverOf(fleet, left, by)));
	});

	it('judges nothing anew for a price', () => {
		const live = standing();
		const [first] = products;
		const cheaper = { ...first?.record, packs: [{ sku: 'X', count: 1, price: 1 }] } as unknown as Product;
		expect(live.putProduct(productCase(cheaper))).toEqual([]);
	});

	it('comes by changes of vehicles to what it is from the start', () => {
		const live = standing();
		const others = generateFleet(45, 77).map((c, i) => ({ ...c, id: `f${i}` }) as Configuration);
		for (const vehicle of others) live.putVehicle(vehicle);
		live.dropVehicle('f7');
		const left = others.filter(({ id }) => id !== 'f7');
		const now = finish(live).snapshot();
		const from = coverOf(left, products, by);
		const byId = (cover: Cover) =>
			new Map(cover.vehicles.map(({ facts }, i) => [facts.id as string, counts(cover)[i]]));
		expect(byId(now)).toEqual(byId(from));
	});

	it('goes on from what was kept, as text, in the middle of its work', () => {
		const live = new LiveCover(by);
		live.putProducts(products);
		for (const vehicle of fleet) live.putVehicle(vehicle);
		live.work().next();
		const { views, places, traits } = live.tables;
		const text = JSON.stringify({ views, places, traits });
		const kept = JSON.parse(text) as Pick<KeptCover, 'views' | 'places' | 'traits'>;
		const next = new LiveCover(by);
		next.restore({
			...kept,
			rows: places.map((_, place) => live.rowOf(place)),
			products: products.map((product, number) => ({ number, product, categories: shelvesOf(product) })),
			vehicles: fleet.map(({ id }) => live.vehicle(id) as CoveredVehicle)
		});
		expect(next.counts.due).toBe(live.counts.due);
		expect(next.counts.due).toBeGreaterThan(0);
		const more = generateFleet(40).slice(30);
		for (const vehicle of more) next.putVehicle(vehicle);
		expect(counts(finish(next).snapshot())).toEqual(counts(coverOf([...fleet, ...more], products, by)));
	});
});

/** Complaints settled by keeping every lamp out of the first place of a vehicle. */
function generateNeverAgain(
	{ id, sockets }: Configuration,
	products: readonly Product[]
): RotaluxDocument['complaints'] {
	const [socket] = sockets.filter(({ state }) => state === 'filament');
	return products.map((product, i) => ({
		id: `kept out ${id} ${i}`,
		configuration: id,
		socket: socket?.id,
		product: product.id,
		neverAgain: true,
		settled: true,
		settledOn: '2026-10-01',
		settledBy: 'A. Person',
		cause: 'glare'
	})) as unknown as RotaluxDocument['complaints'];
}
