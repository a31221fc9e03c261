import { vehicleCircuit, type FittedLamp, type VehicleCircuit } from '../circuit';
import { complaintIds, complaintsOf, type CircuitComplaint } from './complaint';
import { isFlashRate } from './symptoms/monitor';
import { OFFERS } from './offers';
import type { CircuitRemedy, NoRemedy, RemedyCase } from './remedy';

/** A remedy with what it ends. */
export interface JudgedRemedy extends CircuitRemedy {
	/** Ids of the complaints that are gone with it alone. */
	solves: string[];
	/** Price of its parts singly, minor units. */
	price: number;
}

/** What can be done about a vehicle as it is fitted. */
export interface RemedyTable {
	complaints: CircuitComplaint[];
	remedies: JudgedRemedy[];
	/** Remedies that are not to be had, by complaint. */
	refused: { complaint: string; remedy: NoRemedy }[];
}

const priceOf = ({ parts, extra = 0 }: CircuitRemedy) =>
	Math.round(
		extra +
			parts.reduce((sum, { accessory }) => sum + Math.min(...accessory.packs.map((pack) => pack.price / pack.count)), 0)
	);

/** A vehicle with remedies fitted. */
export function withRemedies(
	{ configuration, fitted }: VehicleCircuit,
	remedies: readonly CircuitRemedy[]
): VehicleCircuit {
	const lamps = new Map<string, FittedLamp>(fitted.lamps);
	for (const { swaps = [], back } of remedies) {
		for (const { socket, product } of swaps) lamps.set(socket, { kind: 'product', product });
		for (const socket of back) lamps.set(socket, { kind: 'stock' });
	}
	return vehicleCircuit(configuration, {
		...fitted,
		lamps,
		parts: [...fitted.parts, ...remedies.flatMap((r) => r.parts)]
	});
}

/** The channels a remedy can change: those it stands on, those that share a socket with them, and every turn output with one of these. */
function channelsNear({ circuit }: RemedyCase, complaints: readonly CircuitComplaint[]): Set<string> {
	const { channels } = circuit.configuration;
	const named = new Set(complaints.map((c) => c.channel));
	const sockets = new Set(channels.filter((c) => named.has(c.id)).flatMap((c) => c.feeds.map((f) => f.socket)));
	const turns = (c: (typeof channels)[number]) => c.feeds.some((feed) => feed.function === 'turn');
	const near = channels.filter((c) => c.feeds.some((feed) => sockets.has(feed.socket)));
	const all = near.some(turns) ? [...near, ...channels.filter(turns)] : near;
	return new Set(all.map((c) => c.id));
}

/** Which complaints a remedy ends, and none when it brings a new one. Only the part of the vehicle it can change is looked at. */
function ends(given: RemedyCase, complaints: readonly CircuitComplaint[], remedy: CircuitRemedy): string[] {
	const concerned =
		remedy.scope === 'vehicle'
			? complaints.filter((c) => isFlashRate(c.kind))
			: complaints.filter((c) => concerns(given, remedy, c));
	const near = channelsNear(given, concerned);
	const { configuration, fitted } = withRemedies(given.circuit, [remedy]);
	const after = vehicleCircuit(
		{ ...configuration, channels: configuration.channels.filter((c) => near.has(c.id)) },
		fitted
	);
	const before = new Set(complaints.map((c) => c.id));
	const gone: string[] = [];
	for (const complaint of concerned) {
		const now = complaintIds(after, complaint.switches);
		if ([...now].some((id) => !before.has(id))) return [];
		if (!now.has(complaint.id)) gone.push(complaint.id);
	}
	return gone;
}

/** A remedy changes what its channels and sockets do, and the channels its sockets share. */
function concerns(
	{ circuit }: RemedyCase,
	{ parts, back, swaps = [] }: CircuitRemedy,
	complaint: CircuitComplaint
): boolean {
	const sockets = new Set([
		...back,
		...swaps.map(({ socket }) => socket),
		...parts.flatMap(({ socket }) => socket ?? [])
	]);
	const feeds = circuit.channels.get(complaint.channel)?.feeds ?? [];
	return parts.some(({ channel }) => channel === complaint.channel) || feeds.some((feed) => sockets.has(feed.socket));
}

/** Every complaint of a vehicle as fitted, every remedy that ends one, and why others are not to be had. */
export function remedyTable(given: RemedyCase): RemedyTable {
	const complaints = complaintsOf(given.circuit);
	const offered = new Map<string, CircuitRemedy>();
	const refused: RemedyTable['refused'] = [];
	for (const complaint of complaints)
		for (const offer of OFFERS) {
			const made = offer(complaint, given);
			if (made === null) continue;
			if (Array.isArray(made)) for (const remedy of made) offered.set(remedy.id, remedy);
			else refused.push({ complaint: complaint.id, remedy: made });
		}
	const remedies = [...offered.values()].flatMap((remedy): JudgedRemedy[] => {
		const solves = ends(given, complaints, remedy);
		return solves.length > 0 ? [{ ...remedy, solves, price: priceOf(remedy) }] : [];
	});
	return { complaints, remedies, refused };
}
