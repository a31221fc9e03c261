import type { Knex } from 'knex';
import {
	lampLives,
	medianLife,
	suspectBatch,
	survival,
	causeOf,
	type Batch,
	type SurvivalStep
} from '../../core/learn';
import { trackRecords } from '../../core/match';
import type { Complaint, Product, Socket } from '../../core/model';
import { proportion, type Proportion } from '../../core/quantity';
import { placeText, socketName } from '../../core/vehicle';
import { complaintsAbout, complaintsOfFittings, type StoredComplaint } from '../repositories/complaints';
import { configurationNames, findConfigurations } from '../repositories/configurations';
import { fittedLampsOf } from '../repositories/fitted-lamps';
import { followUpsAbout, followUpsOfFittings } from '../repositories/follow-ups';
import { findProduct } from '../repositories/products';

/** A survival curve, with how many lamps it stands on. */
export interface LifeCurve {
	name: string;
	lamps: number;
	ended: number;
	steps: SurvivalStep[];
	/** How long each was watched, months. */
	lives: number[];
	/** Months the longest watched lamp was watched. */
	longest: number;
	median: number | null;
}

/** Complaints that say what else is seen of it over time. */
const WEAR = ['moisture', 'yellowed', 'loose', 'died', 'melting'] as const;

/** Everything a shop knows of a product from the vehicles it went into. */
export interface ProductHistory {
	product: Product;
	fitted: number;
	vehicles: number;
	came: Proportion;
	open: number;
	curves: LifeCurve[];
	places: {
		configuration: string;
		vehicle: string;
		place: string;
		fitted: number;
		came: Proportion;
		neverAgain: boolean;
	}[];
	complaints: (StoredComplaint & { vehicle: string; place: string; causeWords: string | null })[];
	wear: { symptom: string; counted: number }[];
	batch: Batch | null;
}

function curve(name: string, lives: ReturnType<typeof lampLives>): LifeCurve {
	const steps = survival(lives);
	return {
		name,
		lamps: lives.length,
		ended: lives.filter(({ ended }) => ended).length,
		steps,
		lives: lives.map(({ time }) => time),
		longest: Math.max(0, ...lives.map(({ time }) => time)),
		median: medianLife(steps)
	};
}

const sawAny = ({ seen = [] }: Complaint, symptom: string) =>
	seen.some((one) => one.symptom === symptom && !one.absent);

/** Places with fewer lamps than this have no curve of their own. */
const LEAST_FOR_A_CURVE = 4;

/** What a shop knows of a product; null when it is not there. */
export async function productHistory(db: Knex, id: string): Promise<ProductHistory | null> {
	const product = await findProduct(db, id);
	if (!product) return null;
	const fitted = await fittedLampsOf(db, [id]);
	const complaints = await complaintsAbout(db, [id]);
	const fittings = [...new Set(fitted.map(({ fitting }) => fitting))];
	const followUps = [...(await followUpsAbout(db, [id])), ...(await followUpsOfFittings(db, fittings))];
	const heard = new Map([...complaints, ...(await complaintsOfFittings(db, fittings))].map((one) => [one.id, one]));
	const lives = lampLives(fitted, { complaints: [...heard.values()], followUps });
	const ids = [
		...new Set([...fitted.map((one) => one.configuration), ...complaints.flatMap((one) => one.configuration ?? [])])
	];
	const names = await configurationNames(db, ids);
	const sockets = new Map<string, Socket>(
		(await findConfigurations(db, ids)).flatMap((configuration) =>
			configuration.sockets.map((socket): [string, Socket] => [`${configuration.id} ${socket.id}`, socket])
		)
	);
	const placeOf = (configuration: string, socket: string) => {
		const known = sockets.get(`${configuration} ${socket}`);
		return known ? placeText(known) : socket;
	};
	const places = new Map<
		string,
		{ configuration: string; place: string; fitted: number; came: number; neverAgain: boolean }
	>();
	const placeAt = (configuration: string, socket: string) => {
		const place = placeOf(configuration, socket);
		const key = `${configuration} ${place}`;
		const known = places.get(key) ?? { configuration, place, fitted: 0, came: 0, neverAgain: false };
		places.set(key, known);
		return known;
	};
	for (const lamp of fitted) placeAt(lamp.configuration, lamp.socket).fitted += 1;
	for (const one of complaints) {
		if (!one.configuration || !one.socket) continue;
		const place = placeAt(one.configuration, one.socket);
		place.came += trackRecords([], [one]).get(id)?.complained ?? 0;
		place.neverAgain ||= one.neverAgain === true;
	}
	const track = trackRecords(
		fitted.map((one) => one.product),
		complaints
	).get(id);
	const byPlace = new Map<string, typeof lives>();
	for (const life of lives) {
		const place = placeOf(life.configuration, life.socket);
		byPlace.set(place, [...(byPlace.get(place) ?? []), life]);
	}
	const own = [...byPlace].filter(([, list]) => list.length >= LEAST_FOR_A_CURVE && byPlace.size > 1);
	return {
		product,
		fitted: fitted.length,
		vehicles: new Set(fitted.map(({ configuration }) => configuration)).size,
		came: proportion(track?.complained ?? 0, Math.max(fitted.length, track?.complained ?? 0)),
		open: track?.open ?? 0,
		curves: [curve('All places', lives), ...own.map(([name, list]) => curve(name, list))],
		places: [...places.values()]
			.map(({ came, ...place }) => ({
				...place,
				vehicle: names.get(place.configuration) ?? place.configuration,
				came: proportion(came, Math.max(place.fitted, came))
			}))
			.sort((a, b) => b.fitted - a.fitted),
		complaints: complaints.toReversed().map((one) => {
			const socket = sockets.get(`${one.configuration} ${one.socket}`);
			return {
				...one,
				vehicle: names.get(one.configuration ?? '') ?? one.configuration ?? 'vehicle not named',
				place: socket ? socketName(socket) : (one.socket ?? ''),
				causeWords: one.cause === undefined ? null : (causeOf(one.cause)?.label ?? one.cause)
			};
		}),
		wear: WEAR.map((symptom) => ({ symptom, counted: complaints.filter((one) => sawAny(one, symptom)).length })).filter(
			({ counted }) => counted > 0
		),
		batch: suspectBatch(lives)
	};
}
