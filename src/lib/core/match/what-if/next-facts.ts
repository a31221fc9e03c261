import { factOf, type Configuration, type Fact, type Socket } from '../../model';
import { openMatch, matchConfiguration, type Catalogue, type SocketMatch } from '../candidates/match';
import type { Shop } from '../cases';
import { factsThatDecide, type FactRef } from './open-facts';

/** A fact worth finding out: how, what it takes, and which sockets it would decide. */
export interface NextFact extends FactRef {
	definition: Fact;
	/** How somebody finds out, and how long that takes, min. */
	how: string;
	minutes: number;
	/** Sockets whose best lamp waits for it, alone or with other facts. */
	sockets: string[];
}

/** What a fact takes whose registry entry does not say, min. */
const USUAL_MINUTES = 5;

const keyOf = ({ subject, fact }: FactRef) => `${subject.kind} ${subject.id} ${fact}`;

function findOutOf({ subject, fact }: FactRef): { definition: Fact; how: string; minutes: number } {
	const definition = factOf(subject.kind, fact);
	const { how, minutes } = definition.findOut ?? { how: 'Look at the vehicle.', minutes: USUAL_MINUTES };
	return { definition, how, minutes };
}

/** True when nobody could be sold a lamp for a socket without a check by hand, and it is not settled that none goes. */
function isUndecided({ candidates }: SocketMatch): boolean {
	const leds = candidates.filter(({ product }) => product.kind !== 'halogen');
	return leds.some((c) => c.verdict === 'unknown') && !leds.some((c) => c.verdict === 'fits' || c.verdict === 'parts');
}

/** Lamps of a socket that are looked at for what they wait for: the nearest to fitting. */
const LOOKED_AT = 12;

/** The quickest set of facts that would decide a socket for one of its lamps; null when no fact of the record would. */
function waitsFor({ candidates }: SocketMatch): FactRef[] | null {
	let best: { facts: FactRef[]; minutes: number } | null = null;
	for (const candidate of candidates
		.filter((c) => c.verdict === 'unknown' && c.product.kind !== 'halogen')
		.slice(0, LOOKED_AT)) {
		const doubts = candidate.findings.filter((f) => f.level === 'unknown');
		const sets = doubts.map((found) => factsThatDecide(candidate.cases.socket, found));
		if (sets.some((set) => set === null)) continue;
		const facts = [...new Map(sets.flatMap((set) => set ?? []).map((ref) => [keyOf(ref), ref])).values()];
		const minutes = facts.reduce((sum, ref) => sum + findOutOf(ref).minutes, 0);
		if (facts.length > 0 && (!best || minutes < best.minutes)) best = { facts, minutes };
	}
	return best?.facts ?? null;
}

/** A filament socket of which nobody knows the lamp waits for that. */
function categoryOf(socket: Socket): FactRef[] {
	return openMatch(socket).open === 'category-unknown'
		? [{ subject: { kind: 'socket', id: socket.id }, fact: 'category' }]
		: [];
}

/**
 * What to find out next about a vehicle: every open fact that a sale waits for, the one that decides most sockets a minute first.
 * @returns an empty list when each socket has a lamp to sell, or none that a fact would let in
 */
export function nextFacts(configuration: Configuration, catalogue: Catalogue, shop: Shop): NextFact[] {
	const found = new Map<string, NextFact>();
	const add = (ref: FactRef, socket: string) => {
		const known = found.get(keyOf(ref)) ?? { ...ref, ...findOutOf(ref), sockets: [] };
		found.set(keyOf(ref), known);
		known.sockets.push(socket);
	};
	for (const match of matchConfiguration(configuration, catalogue, shop)) {
		const { socket, open } = match;
		const facts = open ? categoryOf(socket) : isUndecided(match) ? (waitsFor(match) ?? []) : [];
		for (const ref of facts) add(ref, socket.id);
	}
	const worth = ({ sockets, minutes }: NextFact) => sockets.length / minutes;
	return [...found.values()].sort((a, b) => worth(b) - worth(a) || keyOf(a).localeCompare(keyOf(b)));
}

/** Where a fact stands in a file. @example factPath({ subject: { kind: 'socket', id: 'FL' }, fact: 'lens' }) // "sockets.FL.lens" */
export function factPath({ subject: { kind, id }, fact }: FactRef): string {
	switch (kind) {
		case 'socket':
			return `sockets.${id}.${fact}`;
		case 'channel':
			return `channels.${id}.${fact}`;
		case 'vehicle':
			return fact.startsWith('looks.') ? fact : `configuration.${fact}`;
		default:
			return `${kind}.${fact}`;
	}
}
