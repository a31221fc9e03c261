import { NO_PLACE, serves, offeredIn, SocketCodes, specificationFor, type PriceBand } from '../../../../core/cover';
import { specificationShort } from '../../../../core/views';
import { findConfiguration } from '../../../repositories/configurations';
import type { CoverTools } from './tools';

/** A lamp that nobody offers and that would serve a socket. */
export interface WouldServe {
	/** In a few words. */
	short: string;
	price: PriceBand | null;
}

/** What lamp would serve a socket that nothing on offer serves; null where something does, or where no lamp would. */
export async function wouldServe(
	{ db, cover }: CoverTools,
	{ vehicle: id, socket }: { vehicle: string; socket: string }
): Promise<WouldServe | null> {
	const number = cover.vehicles.findIndex(({ facts }) => facts.id === id);
	const vehicle = cover.vehicles[number];
	const at = (await findConfiguration(db, id))?.sockets.findIndex((one) => one.id === socket) ?? -1;
	const place = vehicle?.places[at] ?? NO_PLACE;
	if (!vehicle || place === NO_PLACE) return null;
	const code = new SocketCodes(cover, offeredIn(cover, { from: 'catalogue', ledOnly: true })).of(vehicle)[at];
	if (code !== undefined && serves(code)) return null;
	const found = specificationFor(cover, { place, sockets: 1, weight: 1, vehicles: new Set([number]) });
	return found && { short: specificationShort(found.specification), price: found.price };
}
