import { isMode, modeLabel, MODES, type ModeId } from '../../circuit';
import { isSymptomId, type Configuration } from '../../model';
import { outputName, socketName } from '../../vehicle';
import { unitsOf } from '../causes/poor-earth';
import type { Alter } from '../scene/bench';
import type { Simulations } from '../scene/simulations';
import { symptomOf, type Place } from '../symptoms';
import type { Hypothesis, Suspect } from './hypothesis';
import { placeWords, type Observation } from './observation';
import type { Eyes } from './likelihood';

/** Something that can be looked at or done in the bay, and answered with yes or no. */
export interface BayTest {
	/** Stands with the answer in the record: it says what was asked. */
	id: string;
	question: string;
	how: string;
	minutes: number;
	/** The mode it is looked at in; null where that is said by its words. */
	mode: ModeId | null;
	/** How likely a yes is if a hypothesis holds. */
	yes: (hypothesis: Hypothesis) => number;
}

/** Minutes of a look at a mode, and of putting a filament lamp in. */
const LOOK_MIN = 1;
const SWAP_MIN = 5;
/** How sure the answer of a hand that looked is. */
const SURE = { yes: 0.95, no: 0.04 } as const;

/** Where a suspect is, in words: its lamp, its lamp unit, or its output. */
export function suspectPlace(configuration: Configuration, { cause, socket, channel }: Suspect): string {
	const at = configuration.sockets.find(({ id }) => id === socket);
	if (at && cause.id === 'poor-earth') {
		const unit = unitsOf(configuration.sockets).find((sockets) => sockets[0]?.id === socket) ?? [at];
		return unit.length === 1 ? socketName(at) : `${at.zone} lamp unit, ${at.side}`;
	}
	if (at) return socketName(at);
	if (cause.id === 'old-flasher') return 'the flasher';
	return channel === null ? 'the vehicle' : `the ${outputName(configuration, channel)}`;
}

/** Names of tests: what was asked, so that an answer can be read again. */
const name = {
	look: ({ symptom, mode, place }: Observation) =>
		['look', mode ?? '', symptom, place.socket ?? place.side ?? ''].join(':'),
	cause: ({ key }: Pick<Suspect, 'key'>) => `find:${key}`,
	stock: (socket: string, { symptom, mode }: Observation) => ['filament', mode ?? '', symptom, socket].join(':')
};

function atPlace(question: string, words: string): string {
	const text = question.replace('{place}', words).replace(/\s+\?/, '?').replace(/ {2,}/g, ' ');
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/** What the dash would say of a lamp, as it is on record. */
function messageAt({ channels }: Configuration, { socket }: Place): string | null {
	if (socket === undefined) return null;
	const spoken = channels.find(
		({ feeds, message }) => message && feeds.some((feed) => feed.socket === socket)
	)?.message;
	return spoken ? `“${spoken}”` : null;
}

/** A look at a mode. */
export function lookTest(eyes: Eyes, configuration: Configuration, observation: Observation): BayTest {
	const { symptom, mode, place } = observation;
	const spoken = symptom === 'message' ? messageAt(configuration, place) : null;
	const words = atPlace(
		symptomOf(symptom).question,
		spoken ?? (placeWords(configuration, place) || (/not-lit|^message$/.test(symptom) ? 'any lamp' : ''))
	);
	return {
		id: name.look(observation),
		question: mode === null ? words : `${modeLabel(MODES[mode])}: ${words.charAt(0).toLowerCase()}${words.slice(1)}`,
		how: mode === 'off' ? 'Everything off, ignition on, in the dark.' : 'Engine running, only this switched on.',
		minutes: LOOK_MIN,
		mode,
		yes: (hypothesis) => eyes.likelihood(hypothesis, observation)
	};
}

/** Looking for a cause at its place. */
export function causeTest(configuration: Configuration, suspect: Suspect): BayTest {
	const { question, how, minutes, yesFor = [] } = suspect.cause.look;
	const isSame = (other: Suspect) =>
		other.key === suspect.key ||
		(yesFor.includes(other.cause.id) &&
			other.channel === suspect.channel &&
			(other.socket ?? suspect.socket) === suspect.socket);
	return {
		id: name.cause(suspect),
		question: atPlace(question, suspectPlace(configuration, suspect)),
		how,
		minutes,
		mode: null,
		yes: ({ suspects }) => (suspects.some(isSame) ? SURE.yes : SURE.no)
	};
}

const LAMP_FAULTS: ReadonlySet<string> = new Set(['reversed', 'crossed', 'load-gone', 'driver-dead', 'out']);

/** A filament lamp of its category in a socket: faults of the lamp that was there are gone with it. */
const withFilament =
	(socket: string): Alter =>
	({ configuration, fitted }) => {
		const lamps = new Map(fitted.lamps);
		lamps.delete(socket);
		const faults = fitted.faults.filter(
			(fault) => !('socket' in fault && fault.socket === socket && LAMP_FAULTS.has(fault.kind))
		);
		return { configuration, fitted: { ...fitted, lamps, faults } };
	};

/** A filament lamp where the LED was: is what was seen gone? */
export function filamentTest(
	{ eyes, simulations }: { eyes: Eyes; simulations: Simulations },
	socket: string,
	observation: Observation
): BayTest {
	const { configuration } = simulations.scene;
	const { symptom, mode } = observation;
	const back = withFilament(socket);
	const known = new Map<Hypothesis, number>();
	const what = symptomOf(symptom).label.toLowerCase();
	const at = configuration.sockets.find(({ id }) => id === socket);
	return {
		id: name.stock(socket, observation),
		question: `With a filament lamp in ${at ? socketName(at) : socket}, is it right again (${mode ? `${modeLabel(MODES[mode]).toLowerCase()}: ` : ''}${what})?`,
		how: 'Lights off, lamp cold: put the lamp of its category in.',
		minutes: SWAP_MIN,
		mode,
		yes: (hypothesis) => {
			const found = known.get(hypothesis);
			if (found !== undefined) return found;
			const touched = { ...hypothesis.touched, sockets: [...hypothesis.touched.sockets, socket] };
			const alter: Alter = (bench, when) => back(hypothesis.alter?.(bench, when) ?? bench, when);
			const after = { ...hypothesis, does: simulations.with(alter, touched) };
			const yes = hypothesis.alter ? 1 - eyes.likelihood(after, observation) : 0.5;
			known.set(hypothesis, yes);
			return yes;
		}
	};
}

/** What a test asked, from its id; null for one nobody can read any more. */
export function testOfId(
	id: string,
	tools: { eyes: Eyes; simulations: Simulations; suspects: ReadonlyMap<string, Suspect> }
): BayTest | null {
	const { configuration } = tools.simulations.scene;
	if (id.startsWith('find:')) {
		const suspect = tools.suspects.get(id.slice(5));
		return suspect ? causeTest(configuration, suspect) : null;
	}
	const [kind, mode = '', symptom = '', where = ''] = id.split(':');
	if ((mode !== '' && !isMode(mode)) || !isSymptomId(symptom)) return null;
	const place: Place = where === 'left' || where === 'right' ? { side: where } : where === '' ? {} : { socket: where };
	const observation: Observation = {
		symptom,
		mode: mode === '' ? null : mode,
		place: kind === 'look' ? place : {},
		absent: false
	};
	if (kind === 'look') return lookTest(tools.eyes, configuration, observation);
	return kind === 'filament' ? filamentTest(tools, where, observation) : null;
}
