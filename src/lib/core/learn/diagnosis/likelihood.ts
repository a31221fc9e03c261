import { MODE_IDS, type ModeId } from '../../circuit';
import type { SymptomId } from '../../model';
import type { Simulations } from '../scene/simulations';
import { SYMPTOMS, symptomOf, type Look, type Place, type Symptom } from '../symptoms';
import type { Hypothesis, Suspect } from './hypothesis';
import { modesOf, type Observation } from './observation';

/** How likely something is reported that Circuit shows, that it leaves open, and that it does not show. Assumptions. */
const SAID = { shown: 0.93, open: 0.45, not: 0.015 } as const;
/** A symptom no network shows, from a cause that does not make it. */
const BACKGROUND = 0.008;
/** A symptom of something that comes and goes, from a cause that does and can make it; and one that cannot be shown. */
const COMES = { and: 0.6, not: 0.05 } as const;
/** What is made of something striking that would have come and nobody spoke of: in a mode they spoke of, and in another. */
const UNSAID = { here: 0.5, elsewhere: 0.8, least: 0.2 } as const;
/** Modes everybody uses every day. */
const DAILY: readonly ModeId[] = ['position', 'low', 'left-turn', 'right-turn', 'brake', 'reverse'];

const SIMULATED = SYMPTOMS.filter(({ shows }) => shows);
const STRIKING = SIMULATED.filter(({ striking }) => striking);
/** What has to be absent where everything is as it should be. */
const FAULTS: readonly SymptomId[] = [
	'not-lit',
	'dim',
	'wrong-lamp',
	'hyperflash',
	'slow-flash',
	'no-flash',
	'message',
	'flicker',
	'glow',
	'fuse'
];
/** What comes and goes, and what it is while it is there. */
const WHILE: Partial<Record<SymptomId, readonly SymptomId[]>> = {
	'message-now-and-then': ['message'],
	'flicker-idle': ['flicker', 'not-lit', 'dim']
};

/** What the vehicle as recorded makes by itself is put down to the one output or lamp that makes it. */
function onlyAt({ suspects }: Hypothesis, { symptom }: Observation): Place['only'] {
	if (symptom === 'fine' || !suspects.some(({ place }) => place.isAsRecorded)) return undefined;
	return {
		channels: new Set(
			suspects.flatMap(({ channel, place }) => [...(channel === null ? [] : [channel]), ...place.touched.channels])
		),
		sockets: new Set(
			suspects.flatMap(({ socket, place }) => [...(socket === null ? [] : [socket]), ...place.touched.sockets])
		)
	};
}

/** Looks at a hypothesis. */
export class Eyes {
	readonly #simulations: Simulations;
	readonly #side: ReadonlyMap<string, string>;
	/** The vehicle without a fault, and how likely it makes what was seen. */
	readonly #nothing: Hypothesis;
	readonly #unreached = new Map<string, number>();

	constructor(simulations: Simulations) {
		this.#simulations = simulations;
		const touched = { sockets: [], channels: [] };
		this.#nothing = { suspects: [], key: '', prior: 0, alter: null, touched, does: simulations.recorded };
		this.#side = new Map(simulations.scene.configuration.sockets.map(({ id, side }) => [id as string, side]));
	}

	look(hypothesis: Pick<Hypothesis, 'does'>, mode: ModeId, place: Place = {}): Look {
		const { scene, stock, recorded } = this.#simulations;
		return {
			configuration: scene.configuration,
			mode,
			place,
			does: hypothesis.does,
			stock,
			recorded: (other) => recorded(other, 'cold')
		};
	}

	/** Whether Circuit shows a symptom in a mode at a place. */
	shows(
		hypothesis: Pick<Hypothesis, 'does'>,
		symptom: Symptom,
		{ mode, place = {} }: { mode: ModeId; place?: Place }
	): boolean | null {
		return symptom.shows?.(this.look(hypothesis, mode, place)) ?? null;
	}

	/** True where a suspect may be at a place somebody named. */
	isAt({ socket, place: { touched } }: Suspect, { socket: at, side }: Place): boolean {
		const own = [...(socket === null ? [] : [socket]), ...touched.sockets];
		if (at !== undefined) return own.length === 0 || own.includes(at);
		if (side === undefined || own.length === 0) return true;
		return own.some((id) => this.#side.get(id) === side || this.#side.get(id) === 'centre');
	}

	/** True where a suspect may have a hand in what a mode shows: one of its lamps is asked for in it, or it is off for all. */
	#plays({ socket, place: { touched } }: Suspect, mode: ModeId | null): boolean {
		const own = [...(socket === null ? [] : [socket]), ...touched.sockets];
		if (mode === null || mode === 'off' || own.length === 0) return true;
		return this.#simulations.stock(mode).lamps.some((lamp) => lamp.fed && own.includes(lamp.socket));
	}

	#byTable(hypothesis: Hypothesis, { symptom, mode, place }: Observation): number {
		return Math.max(
			0,
			...hypothesis.suspects.map((suspect) => {
				const share = suspect.cause.also?.[symptom] ?? 0;
				return share > 0 && this.isAt(suspect, place) && this.#plays(suspect, mode) ? share : 0;
			})
		);
	}

	#inMode(hypothesis: Hypothesis, symptom: Symptom, { mode, place }: { mode: ModeId; place: Place }): number {
		if (symptom.id === 'fine') {
			const shown = FAULTS.map((id) => this.shows(hypothesis, symptomOf(id), { mode, place }));
			if (shown.includes(true)) return 1 - SAID.shown;
			return shown.includes(null) ? 1 - SAID.open : 1 - SAID.not;
		}
		if (symptom.comesAndGoes) {
			const whiles = WHILE[symptom.id] ?? [];
			const can = whiles.some((id) => this.shows(hypothesis, symptomOf(id), { mode, place }) !== false);
			return can && hypothesis.suspects.some(({ cause }) => cause.comesAndGoes) ? COMES.and : COMES.not;
		}
		const shown = this.shows(hypothesis, symptom, { mode, place });
		return shown === null ? (symptom.shows ? SAID.open : BACKGROUND) : shown ? SAID.shown : SAID.not;
	}

	/** True where a hypothesis can make a difference to what is seen at a place. */
	#reaches({ alter, touched, suspects }: Hypothesis, { symptom, place: { socket } }: Observation): boolean {
		if (!alter) return false;
		if (socket === undefined) return true;
		const isLight = symptomOf(symptom).group === 'light' && symptom !== 'fine';
		if (isLight && suspects.every(({ place }) => place.isLocal)) return touched.sockets.includes(socket);
		return this.#simulations.reaches(touched, socket);
	}

	/** How likely something is seen if a hypothesis holds. */
	likelihood(hypothesis: Hypothesis, observation: Observation): number {
		const seen = Math.max(this.#played(hypothesis, observation), this.#byTable(hypothesis, observation));
		return observation.absent ? 1 - seen : seen;
	}

	#played(hypothesis: Hypothesis, observation: Observation): number {
		if (!this.#reaches(hypothesis, observation)) {
			const key = JSON.stringify([observation.symptom, observation.mode, observation.place]);
			const known = this.#unreached.get(key) ?? this.#solved(this.#nothing, observation);
			this.#unreached.set(key, known);
			return known;
		}
		return this.#solved(hypothesis, observation);
	}

	#solved(hypothesis: Hypothesis, observation: Observation): number {
		const symptom = symptomOf(observation.symptom);
		const place = { ...observation.place, only: onlyAt(hypothesis, observation) };
		const modes = symptom.shows || symptom.comesAndGoes || symptom.id === 'fine' ? modesOf(observation) : [];
		return Math.max(BACKGROUND, ...modes.map((mode) => this.#inMode(hypothesis, symptom, { mode, place })));
	}

	/** What speaks against a hypothesis because it would have been striking and nobody spoke of it. */
	unsaid(hypothesis: Hypothesis, observations: readonly Observation[]): { factor: number; what: Observation[] } {
		const spoken = observations.filter(({ mode }) => mode !== null);
		const modes = new Set<ModeId>([...DAILY, ...spoken.map(({ mode }) => mode as ModeId)]);
		let factor = 1;
		const what: Observation[] = [];
		const said = (id: SymptomId, mode: ModeId) =>
			observations.some((one) => one.symptom === id && (one.mode === mode || one.mode === null));
		for (const mode of MODE_IDS.filter((id) => modes.has(id)))
			for (const symptom of STRIKING) {
				if (said(symptom.id, mode) || this.#covered(symptom.id, mode, observations)) continue;
				if (factor <= UNSAID.least || this.shows(hypothesis, symptom, { mode }) !== true) continue;
				// What the record shows by itself speaks against every cause alike.
				if (this.shows(this.#nothing, symptom, { mode }) === true) continue;
				factor *= spoken.some((one) => one.mode === mode) ? UNSAID.here : UNSAID.elsewhere;
				what.push({ symptom: symptom.id, mode, place: {}, absent: false });
			}
		return { factor: Math.max(UNSAID.least, factor), what };
	}

	/** A mode in which something near it was reported: who says "one dark" does not say "not lit" too. */
	#covered(id: SymptomId, mode: ModeId, observations: readonly Observation[]): boolean {
		const near: Partial<Record<SymptomId, readonly SymptomId[]>> = {
			'not-lit': ['one-dark', 'no-flash', 'died', 'fuse', 'odd-together', 'message', 'hyperflash'],
			'no-flash': ['not-lit'],
			hyperflash: ['hyperflash-later'],
			message: ['message-now-and-then', 'message-at-start', 'hyperflash', 'fuse']
		};
		return observations.some(
			(one) => (near[id] ?? []).includes(one.symptom) && (one.mode === mode || one.mode === null) && !one.absent
		);
	}
}
