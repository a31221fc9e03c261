import type { Knex } from 'knex';
import type { Configuration } from '../../core/model';
import { matchConfiguration, type Candidate, type SocketMatch } from '../../core/match';
import {
	factViews,
	nextFactViews,
	socketRecordView,
	vehicleView,
	walkView,
	type FactView,
	type NextFactView,
	type SocketRecordView,
	type VehicleView,
	type WalkView
} from '../../core/views';
import type { WalkContext } from '../../core/walk';
import { findConfiguration, findConfigurations, pageOfConfigurations } from '../repositories/configurations';
import { shopData } from './catalogue';
import { remembered } from './remember';

/** The best LED for a socket, or the best of anything where no LED is made. */
function best(match: SocketMatch): Candidate | undefined {
	return match.candidates.find((c) => c.product.kind !== 'halogen') ?? match.candidates[0];
}

/** A vehicle with its sockets, without verdicts; null when it is not there. */
export async function showVehicleById(db: Knex, id: string): Promise<VehicleView | null> {
	const configuration = await findConfiguration(db, id);
	return configuration && vehicleView(configuration);
}

/** A page of the vehicles by name with their sockets, without verdicts, and how many there are. */
export async function showVehicles(
	db: Knex,
	part: { from: number; most: number }
): Promise<{ vehicles: VehicleView[]; total: number }> {
	const { configurations, total } = await pageOfConfigurations(db, part);
	return { vehicles: configurations.map((c) => vehicleView(c)), total };
}

/** Some vehicles by their ids, in that order; those not there are left out. */
export async function showVehiclesById(db: Knex, ids: readonly string[]): Promise<VehicleView[]> {
	const found = new Map((await findConfigurations(db, ids)).map((c) => [c.id as string, c]));
	return ids.flatMap((id) => {
		const configuration = found.get(id);
		return configuration ? [vehicleView(configuration)] : [];
	});
}

/** The walk of a vehicle; null when it is not there. */
export async function showWalkOf(db: Knex, id: string): Promise<WalkView | null> {
	const configuration = await findConfiguration(db, id);
	return configuration && walkView(configuration);
}

/** How many filament sockets have an LED to sell, alone or with parts, and what to find out for the others. */
export interface NextView {
	sellable: number;
	sockets: number;
	facts: NextFactView[];
}

/** What to find out next about a vehicle; null when it is not there. */
export async function showNext(db: Knex, id: string): Promise<NextView | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	return remembered(db, { configurations: [configuration], asked: 'next' }, () => nextOf(db, configuration));
}

async function nextOf(db: Knex, configuration: Configuration): Promise<NextView> {
	const { catalogue, shop } = await shopData(db, { configurations: [configuration] });
	const filament = matchConfiguration(configuration, catalogue, shop).filter((m) => m.socket.state === 'filament');
	const sellable = filament.filter((m) => ['fits', 'parts'].includes(best(m)?.verdict ?? ''));
	return {
		sellable: sellable.length,
		sockets: filament.length,
		facts: nextFactViews(configuration, { catalogue, shop })
	};
}

/** What a walk-line is read against; null when the vehicle is not there. */
export async function contextOf(db: Knex, id: string): Promise<WalkContext | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const { kind, market, steering, sockets } = configuration;
	return { kind, market, steering, sockets: sockets.map(({ evidence: _evidence, ...socket }) => socket) };
}

/** A socket with its facts and its record; null when vehicle or socket is not there. */
export async function showSocket(
	db: Knex,
	id: string,
	socketId: string
): Promise<(SocketRecordView & { known: FactView[] }) | null> {
	const configuration = await findConfiguration(db, id);
	const socket = configuration?.sockets.find((s) => s.id === socketId);
	return configuration && socket
		? { ...socketRecordView(configuration, socket), known: factViews(configuration, socket) }
		: null;
}
