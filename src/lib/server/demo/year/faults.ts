import type { FittedLamp, ModeId } from '../../../core/circuit';
import { CAUSES, Simulations, SYMPTOMS, type Cause, type CausePlace } from '../../../core/learn';
import { asRecorded } from '../../../core/learn/scene/bench';
import type { RotaluxDocument, Sighting } from '../../../core/model';
import type { YearFitting } from './fitted';
import type { Chance } from './random';

/** Something that went wrong, and what it makes people see: played by the circuit, so that it can be found again. */
export interface Trouble {
	cause: string;
	socket?: string;
	channel?: string;
	seen: Sighting[];
}

/** Vehicles as they are fitted; the same kit on the same vehicle is the same. */
const scenes = new WeakMap<RotaluxDocument, Map<string, Simulations>>();
/** Modes somebody is out in every day. */
const DAILY: readonly ModeId[] = ['position', 'brake', 'left-turn', 'right-turn', 'reverse', 'low', 'off'];

function simulationsOf(document: RotaluxDocument, fitting: YearFitting): Simulations | null {
	const made = scenes.get(document) ?? new Map<string, Simulations>();
	scenes.set(document, made);
	const key = `${fitting.configuration} ${fitting.kitName}`;
	const known = made.get(key);
	if (known) return known;
	const configuration = document.configurations.find(({ id }) => id === fitting.configuration);
	if (!configuration) return null;
	const products = new Map(document.products.map((one) => [one.id as string, one]));
	const lamps = new Map(
		Object.entries(fitting.lamps).flatMap(([socket, id]): [string, FittedLamp][] => {
			const product = products.get(id);
			return product ? [[socket, { kind: 'product', product }]] : [];
		})
	);
	const simulations = new Simulations({
		configuration,
		fitted: { lamps, parts: [], faults: [] },
		products: document.products,
		accessories: document.accessories
	});
	made.set(key, simulations);
	return simulations;
}

const MOST_SEEN = 2;

/** What a cause at a place makes people see that they would not see without it. */
function seenOf(simulations: Simulations, place: CausePlace, chance: Chance): Sighting[] {
	const alter = place.variants.length > 0 ? chance.of(place.variants) : asRecorded;
	const does = simulations.with(alter, place.touched);
	const { configuration } = simulations.scene;
	const look = (answer: typeof does, mode: ModeId) => ({
		configuration,
		mode,
		place: {},
		does: answer,
		stock: simulations.stock,
		recorded: (other: ModeId) => simulations.recorded(other, 'cold')
	});
	const found: Sighting[] = [];
	for (const symptom of SYMPTOMS)
		for (const mode of symptom.modes ?? DAILY) {
			if (found.length >= MOST_SEEN) break;
			if (symptom.shows?.(look(does, mode)) !== true || symptom.shows(look(simulations.recorded, mode)) === true)
				continue;
			if (found.some((one) => one.symptom === symptom.id)) continue;
			found.push({
				mode,
				symptom: symptom.id,
				...(symptom.id === 'not-lit' && place.socket ? { socket: place.socket } : {})
			});
		}
	return found;
}

/** What people notice of a cause that no network shows: its likeliest symptom. */
function tabled({ also = {} }: Cause, { socket }: CausePlace): Sighting[] {
	const [first] = Object.entries(also).sort((a, b) => b[1] - a[1]);
	return first ? [{ symptom: first[0], ...(socket ? { socket } : {}) }] : [];
}

/** A cause at some place of a fitting, with what it makes people see; null where it shows nothing there. */
export function troubleOf(
	document: RotaluxDocument,
	{ fitting, cause: id, socket }: { fitting: YearFitting; cause: string; socket?: string },
	chance: Chance
): Trouble | null {
	const simulations = simulationsOf(document, fitting);
	const cause = CAUSES.find((one) => one.id === id);
	if (!simulations || !cause) return null;
	const places = cause.places(simulations).filter((place) => {
		const own = [...(place.socket ? [place.socket] : []), ...place.touched.sockets];
		const lit = own.length === 0 || own.some((one) => fitting.lamps[one] !== undefined);
		return lit && (socket === undefined || own.includes(socket));
	});
	for (let tries = 0; tries < 3 && places.length > 0; tries += 1) {
		const place = chance.of(places);
		const seen = place.variants.length > 0 ? seenOf(simulations, place, chance) : tabled(cause, place);
		if (seen.length > 0)
			return {
				cause: id,
				...(place.socket ? { socket: place.socket } : {}),
				...(place.channel ? { channel: place.channel } : {}),
				seen
			};
	}
	return null;
}
