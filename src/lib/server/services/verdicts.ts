import type { Knex } from 'knex';
import { socketCase, type SocketCase, type Verdict } from '../../core/match';
import { findConfiguration } from '../repositories/configurations';
import { shopData, type ShopData } from './catalogue';
import { judged, keep, known, type Judged } from './judged';

/** Sockets of a vehicle, prepared; null where nothing can be matched. */
interface Prepared {
	data: ShopData;
	sockets: ReadonlyMap<string, SocketCase | null>;
}

async function preparedFor(db: Knex, id: string): Promise<Prepared | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const data = await shopData(db, { configurations: [configuration] });
	const by = { shop: data.shop, through: data.catalogue.through };
	return {
		data,
		sockets: new Map(configuration.sockets.map((socket) => [socket.id, socketCase(configuration, socket, by)]))
	};
}

/** Every socket of a vehicle judged; null when the vehicle is not there. */
export async function judgedSockets(db: Knex, id: string): Promise<Record<string, Judged | null> | null> {
	const prepared = await preparedFor(db, id);
	if (!prepared) return null;
	return Object.fromEntries(
		Array.from(prepared.sockets, ([socket, one]) => [socket, one && judged(db, one, prepared.data)])
	);
}

/**
 * The verdict of the best LED of each socket of a vehicle, or of the best lamp where no LED is made; null when the vehicle is not there. What is
 * known is answered at once, so that nobody waits behind somebody else's vehicle.
 * @param elsewhere judges every socket in another thread
 */
export async function verdictsOf(
	db: Knex,
	id: string,
	elsewhere: () => ReturnType<typeof judgedSockets>
): Promise<Record<string, Verdict | null> | null> {
	const prepared = await preparedFor(db, id);
	if (!prepared) return null;
	const { data, sockets } = prepared;
	const here = new Map(Array.from(sockets, ([socket, one]) => [socket, one && known(db, one, data)]));
	const isMissing = [...sockets].some(([socket, one]) => one !== null && !here.get(socket));
	const found = isMissing ? await elsewhere() : null;
	return Object.fromEntries(
		Array.from(sockets, ([socket, one]) => {
			const fresh = found?.[socket] ?? null;
			if (one && fresh) keep(db, { prepared: one, data }, fresh);
			return [socket, (fresh ?? here.get(socket))?.verdict ?? null];
		})
	);
}
