import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import type { Configuration, Socket } from '../../core/model';
import { bestLed, equivalenceKey, socketCase, type Catalogue, type SocketCase, type Verdict } from '../../core/match';
import { fingerprint } from '../fingerprint';
import { findConfiguration } from '../repositories/configurations';
import { shopData, type ShopData } from './catalogue';

/** Sockets whose verdict is remembered. */
const REMEMBERED = 20_000;
const cache = new WeakMap<Knex, LRUCache<string, { verdict: Verdict | null }>>();

function remembered(db: Knex): LRUCache<string, { verdict: Verdict | null }> {
	const kept = cache.get(db) ?? new LRUCache<string, { verdict: Verdict | null }>({ max: REMEMBERED });
	cache.set(db, kept);
	return kept;
}

/** The verdict of the best LED for a socket, or of the best lamp where no LED is made; null where nothing is made for it. */
const verdictIn = (prepared: SocketCase, catalogue: Catalogue): Verdict | null =>
	bestLed(prepared, catalogue)?.verdict ?? null;

/** What of a vehicle a rule may look at, beside the socket itself and its neighbours. */
const aboutVehicle = ({
	configuration: { id, make, model, kind, market, flasher, voltage, years, looks }
}: SocketCase) => [id, make, model, kind, market, flasher, voltage, years, looks];

/** A socket's verdict, judged again only where something a rule looks at has changed. */
function verdictOf(
	configuration: Configuration,
	socket: Socket,
	{ data, known }: { data: ShopData; known: LRUCache<string, { verdict: Verdict | null }> }
): Verdict | null {
	const prepared = socketCase(configuration, socket, { shop: data.shop, through: data.catalogue.through });
	if (!prepared) return null;
	const key = fingerprint([data.key, aboutVehicle(prepared), equivalenceKey(prepared)]);
	const there = known.get(key) ?? { verdict: verdictIn(prepared, data.catalogue) };
	known.set(key, there);
	return there.verdict;
}

/** The verdict of the best LED of each socket of a vehicle; null when the vehicle is not there. A change at the desk does not judge the whole vehicle. */
export async function verdictsOf(db: Knex, id: string): Promise<Record<string, Verdict | null> | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const data = await shopData(db, { configurations: [configuration] });
	const known = remembered(db);
	return Object.fromEntries(
		configuration.sockets.map((socket) => [socket.id, verdictOf(configuration, socket, { data, known })])
	);
}
