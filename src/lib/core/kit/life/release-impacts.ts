import type { Accessory, Complaint, Configuration, KitOrder, Product } from '../../model';
import { amount, type Currency } from '../../quantity';
import { isOpen } from '../../match';
import { outputName, socketName } from '../../vehicle';
import type { KitAnswer, KitLine } from '../answer/answer';
import { checkBesideBox } from '../check';
import type { KitCase } from '../choices/group';

/** Facts a released kit stood on, as they were. */
export interface StoodOn {
	configuration: Configuration;
	order: KitOrder;
	answer: KitAnswer;
	products: readonly Product[];
	accessories: readonly Accessory[];
	complaints: readonly Complaint[];
}

/** Something that changed under a released kit. */
export interface ReleaseImpact {
	/** `holds`: the kit as frozen would not be worked out so today; the others are to be looked at. */
	kind: 'holds' | 'vehicle' | 'product' | 'price' | 'stock' | 'complaint';
	words: string;
}

/** Names of the facts that differ, but for the ones that are looked at by themselves. */
function differing(a: object, b: object, apart: readonly string[]): string[] {
	const [before, after] = [a as Record<string, unknown>, b as Record<string, unknown>];
	const names = new Set([...Object.keys(before), ...Object.keys(after)]);
	return [...names].filter(
		(name) => !apart.includes(name) && JSON.stringify(before[name]) !== JSON.stringify(after[name])
	);
}

function ofVehicle({ configuration: before, answer }: StoodOn, after: Configuration | null): ReleaseImpact[] {
	if (!after) return [{ kind: 'vehicle', words: 'its vehicle is no longer on record' }];
	const served = new Set(answer.lines.flatMap((l) => l.sockets));
	const sockets = before.sockets.flatMap((socket): ReleaseImpact[] => {
		if (!served.has(socket.id)) return [];
		const now = after.sockets.find((s) => s.id === socket.id);
		if (!now) return [{ kind: 'vehicle', words: `${socketName(socket)} is no longer on record` }];
		const facts = differing(socket, now, ['evidence']);
		return facts.length > 0 ? [{ kind: 'vehicle', words: `${socketName(socket)}: ${facts.join(', ')} changed` }] : [];
	});
	const channels = before.channels.flatMap((channel): ReleaseImpact[] => {
		if (!channel.feeds.some((f) => served.has(f.socket))) return [];
		const now = after.channels.find((c) => c.id === channel.id);
		const facts = now ? differing(channel, now, ['evidence']) : ['its record'];
		return facts.length > 0
			? [{ kind: 'vehicle', words: `${outputName(before, channel.id)}: ${facts.join(', ')} changed` }]
			: [];
	});
	const flasher = differing({ flasher: before.flasher }, { flasher: after.flasher }, []).length > 0;
	return [...sockets, ...channels, ...(flasher ? [{ kind: 'vehicle' as const, words: 'the flasher changed' }] : [])];
}

function ofLine(
	line: KitLine,
	{ before, after: now }: { before: Product | Accessory | undefined; after: Product | Accessory | undefined },
	currency: Currency
): ReleaseImpact[] {
	if (!now || now.withdrawn) return [{ kind: 'product', words: `${line.name} is no longer offered` }];
	const facts = before ? differing(before, now, ['packs', 'evidence']) : [];
	const impacts: ReleaseImpact[] =
		facts.length > 0 ? [{ kind: 'product', words: `${line.name}: ${facts.join(', ')} changed` }] : [];
	const pack = now.packs.find((p) => p.sku === line.sku);
	if (!pack) return [...impacts, { kind: 'product', words: `${line.sku} is no longer sold` }];
	const price = pack.price * line.packs;
	if (price !== line.price)
		impacts.push({
			kind: 'price',
			words: `${line.sku}: ${amount(price, currency)} now, ${amount(line.price, currency)} in the kit`
		});
	if (pack.stock !== undefined && pack.stock < line.packs)
		impacts.push({ kind: 'stock', words: `${line.sku}: ${pack.stock} on the shelf, ${line.packs} in the kit` });
	return impacts;
}

const complaintKey = ({ id, product, configuration, socket, symptom, on }: Complaint) =>
	id === undefined ? JSON.stringify([product, configuration, socket, symptom, on]) : String(id);

/** What a complaint says, in its own words or by its first symptom. */
const complaintWords = ({ symptom, seen = [] }: Complaint) =>
	symptom ?? seen[0]?.symptom.replaceAll('-', ' ') ?? 'a complaint';

const placeOf = ({ sockets }: Configuration, id: string | undefined) => {
	const socket = sockets.find((one) => one.id === id);
	return socket ? socketName(socket).toLowerCase() : 'this vehicle';
};

function ofComplaints(
	{ complaints: before, answer, configuration }: StoodOn,
	now: readonly Complaint[]
): ReleaseImpact[] {
	const earlier = new Map(before.map((one) => [complaintKey(one), one]));
	const sold = new Map(answer.lines.flatMap((l) => (l.product ? [[l.product, l.name] as const] : [])));
	return now.flatMap((c): ReleaseImpact[] => {
		const name = c.product === undefined ? undefined : sold.get(c.product);
		const known = earlier.get(complaintKey(c));
		if (name === undefined) return [];
		const isHere = c.configuration === configuration.id;
		if (c.neverAgain && isHere && !known?.neverAgain)
			return [{ kind: 'complaint', words: `${name}: never again in ${placeOf(configuration, c.socket)}` }];
		if (!isOpen(c) || known) return [];
		return [{ kind: 'complaint', words: `${name}: ${complaintWords(c)}, ${isHere ? 'on this vehicle' : 'elsewhere'}` }];
	});
}

/** What changed under a released kit since it was frozen: its vehicle, its products, prices and shelves, complaints; and whether it still holds. */
export function releaseImpacts(
	stood: StoodOn,
	now: {
		kitCase: KitCase | null;
		products: ReadonlyMap<string, Product>;
		accessories: ReadonlyMap<string, Accessory>;
		complaints: readonly Complaint[];
		currency: Currency;
	}
): ReleaseImpact[] {
	const { order, answer } = stood;
	const lines = answer.lines
		.filter((l) => l.packs > 0)
		.flatMap((line) => {
			const [id, kept, there] = line.product
				? ([line.product, stood.products, now.products] as const)
				: ([line.accessory ?? '', stood.accessories, now.accessories] as const);
			return ofLine(line, { before: [...kept].find((item) => item.id === id), after: there.get(id) }, now.currency);
		});
	const impacts = [
		...ofVehicle(stood, now.kitCase?.configuration ?? null),
		...lines,
		...ofComplaints(stood, now.complaints)
	];
	if (!now.kitCase || impacts.every((t) => t.kind === 'price' || t.kind === 'stock')) return impacts;
	const wrong = checkBesideBox({ answer, order, ...now.kitCase });
	return [
		...wrong.map((words): ReleaseImpact => ({ kind: 'holds', words: `it would not be worked out so today: ${words}` })),
		...impacts
	];
}
