import { type Accessory, type Configuration, type Policy, type Product } from '../../src/lib/core/model';
import { readDocument } from '../../src/lib/core/exchange';
import { Candidate, productCase, socketCase, type Finding, type Shop } from '../../src/lib/core/match';

type Loose = Record<string, unknown>;

function document(parts: Loose) {
	const read = readDocument({ format: 'rotalux/1', ...parts });
	if (!read.ok) throw new Error(read.error.map((p) => `${p.path}: ${p.message}`).join('; '));
	return read.value;
}

/** A vehicle with the sockets given; a channel without monitor feeds each socket that no given channel feeds. */
export function makeConfiguration(given: object[], more: object = {}): Configuration {
	const sockets = given as Loose[];
	const { channels = [], ...rest } = more as Loose & { channels?: Loose[] };
	const fed = new Set(channels.flatMap((c) => (c.feeds as { socket: string }[]).map((f) => f.socket)));
	const plain = sockets
		.filter((s) => !fed.has(s.id as string))
		.map((s) => ({
			id: `feed-${s.id}`,
			feeds: (s.functions as string[]).map((f) => ({ socket: s.id, function: f })),
			feed: { kind: 'steady' },
			monitor: { kind: 'none' }
		}));
	const base = { id: 'v', make: 'Made', model: 'Up', kind: 'car', market: 'UN' };
	return document({ configurations: [{ ...base, ...rest, sockets, channels: [...channels, ...plain] }] })
		.configurations[0]!;
}

/** A stop lamp socket that a good red LED fits. */
export const STOP_SOCKET = {
	id: 'stop-L',
	zone: 'rear',
	side: 'left',
	index: 1,
	functions: ['stop'],
	category: 'P21W',
	lens: 'red',
	optic: 'lens-only',
	envelope: { frontLength: 52, frontDiameter: 30 }
};

/** A projector low-beam socket that a good H11 LED fits. */
export const LOW_SOCKET = {
	id: 'low-L',
	zone: 'front',
	side: 'left',
	index: 1,
	functions: ['low-beam'],
	category: 'H11',
	lens: 'clear',
	optic: 'projector',
	cap: { kind: 'none' },
	keyAngle: 0,
	retention: 'twist',
	envelope: { frontLength: 46, frontDiameter: 19, opening: 20, rearDepth: 60, rearDiameter: 60, entry: 'straight' }
};

const STOP_LED = {
	id: 'led',
	maker: 'Maker',
	name: 'Red lamp',
	kind: 'led',
	fits: ['P21W'],
	modes: ['single'],
	colour: { kind: 'red', peak: 630 },
	flux: { claimed: 130, per: 'lamp' },
	power: { at13v5: 2.6 },
	size: { frontLength: 46, frontDiameter: 24 },
	ip: 'IP67',
	cooling: 'none',
	limit: 115,
	packs: [{ sku: 'led-1', count: 1, price: 1000, stock: 10 }]
};

/** A red LED for P21W with the given differences. */
export function makeProduct(more: object = {}): Product {
	return document({ products: [{ ...STOP_LED, ...more }] }).products[0]!;
}

/** A good H11 headlamp LED with the given differences. */
export function makeHeadlampLed(more: object = {}): Product {
	return makeProduct({
		id: 'h11',
		name: 'Beam lamp',
		fits: ['H11'],
		colour: { kind: 'white', cct: 5700 },
		flux: { claimed: 1400, per: 'lamp' },
		power: { at13v5: 15 },
		size: { frontLength: 42, frontDiameter: 18, lightCentre: 25, rearLength: 44, rearDiameter: 42 },
		emission: 'sided',
		collar: 'fixed',
		emitterAngle: 90,
		cooling: 'fan',
		limit: 130,
		driver: { where: 'none' },
		...more
	});
}

/** An accessory in a pack of one at the price. */
export function makeAccessory(more: { id: string } & Loose): Accessory {
	const packs = [{ sku: `${more.id}-1`, count: 1, price: 500, stock: 20 }];
	return document({ accessories: [{ scope: 'lamp', packs, ...more }] }).accessories[0]!;
}

/** A shop with a policy and accessories. */
export function makeShop(policy: Partial<Policy> = {}, accessories: Accessory[] = []): Shop {
	return { policy: { headlamps: 'projectors', ...policy }, accessories, currency: 'EUR' };
}

/** Judges a product in the first socket of a vehicle. */
export function judgeIn(configuration: Configuration, product: Product, shop = makeShop()): Candidate {
	const prepared = socketCase(configuration, configuration.sockets[0]!, { shop });
	if (!prepared) throw new Error('The socket has no lamp category.');
	return new Candidate(prepared, productCase(product));
}

/** The finding of a code, or undefined. */
export function found(candidate: Candidate, code: Finding['code']): Finding | undefined {
	return candidate.findings.find((f) => f.code === code);
}

/** Codes of a gate with their levels, for comparing at a glance. */
export function gate(candidate: Candidate, name: Finding['gate']): string[] {
	return candidate.findings.filter((f) => f.gate === name).map((f) => `${f.level} ${f.code}`);
}
