import type { Scene } from '../scene/bench';
import { Simulations } from '../scene/simulations';
import { symptomOf } from '../symptoms';
import { causeTest, filamentTest, lookTest, testOfId, type BayTest } from './bay-test';
import { hypothesesFor, together, type Hypothesis, type SettledCause, type Suspect } from './hypothesis';
import { Eyes } from './likelihood';
import { firstOnOutputs, looksAt } from './looks';
import type { Observation } from './observation';

/** A test that was answered, by its id. */
export interface Answered {
	test: string;
	yes: boolean;
}

/** A cause, or two at once, as likely as what was seen makes it. */
export interface Standing {
	key: string;
	suspects: readonly Suspect[];
	/** Share of belief, 0 to 1; the rest is on others and on what nobody listed. */
	score: number;
	/** The degree of it that fits best. */
	best: Hypothesis;
	/** Observations it explains, and those it does not. */
	explains: Observation[];
	doesNot: Observation[];
	/** What it would have made striking and nobody spoke of. */
	unsaid: Observation[];
}

/** What a complaint comes from, as far as was seen. */
export interface Standings {
	causes: Standing[];
	/** Share of belief that it is nothing on the list. */
	other: number;
	/** Answers that can no longer be read. */
	unread: string[];
}

/** A cause is said to explain what it makes at least this likely. */
const EXPLAINS = 0.2;
/** What nobody listed: before anything is seen, beside all the listed ones, and how likely it makes whatever is seen. */
const OTHER = { prior: 0.02, likelihood: 0.12 } as const;
/** What the vehicle makes by itself needs no fault: every fault beside it shows the same, and is not needed. */
const NOTHING_ELSE_WRONG = 40;
/** Causes that are looked at for a second one beside them, each way. */
const PAIRED = 14;
/** Belief that a test is chosen over, and suspects at most. */
const TESTED = { belief: 0.985, most: 24 } as const;
/** Minutes that count as much as all that a test can tell. */
const PATIENCE_MIN = 60;

/** Hypotheses this many times behind are not asked what nobody spoke of; about so much would be taken off. */
const FAR_BEHIND = 12;
const UNSAID_ELSE = 0.5;

interface Weighed {
	hypothesis: Hypothesis;
	weight: number;
}

const entropy = (shares: Iterable<number>): number => {
	let sum = 0;
	for (const share of shares) if (share > 0) sum -= share * Math.log2(share);
	return sum;
};

/** A complaint about a vehicle as fitted; asked again and again as more is seen. */
export class Diagnosis {
	readonly simulations: Simulations;
	readonly hypotheses: readonly Hypothesis[];
	readonly #eyes: Eyes;
	readonly #suspects: ReadonlyMap<string, Suspect>;
	readonly #pairs = new Map<string, Hypothesis>();
	/** As it stood when it was last asked. */
	#last: { key: string; all: Weighed[]; other: number; unread: string[] } | null = null;

	constructor(scene: Scene, { settled = [] }: { settled?: readonly SettledCause[] } = {}) {
		this.simulations = new Simulations(scene);
		this.hypotheses = hypothesesFor(this.simulations, settled);
		this.#eyes = new Eyes(this.simulations);
		this.#suspects = new Map(this.hypotheses.flatMap(({ suspects }) => suspects.map((one) => [one.key, one] as const)));
	}

	/** A test by what stands in the record; null for one that can no longer be read. */
	testOf(id: string): BayTest | null {
		return testOfId(id, { eyes: this.#eyes, simulations: this.simulations, suspects: this.#suspects });
	}

	#weight(hypothesis: Hypothesis, observations: readonly Observation[], tests: readonly [BayTest, boolean][]): number {
		let weight = hypothesis.prior;
		let explains = false;
		for (const observation of observations) {
			const likelihood = this.#eyes.likelihood(hypothesis, observation);
			explains ||= !observation.absent && observation.symptom !== 'fine' && likelihood > EXPLAINS;
			weight *= likelihood;
		}
		if (explains && hypothesis.suspects.every(({ place }) => place.isAsRecorded)) weight *= NOTHING_ELSE_WRONG;
		for (const [test, yes] of tests) weight *= yes ? test.yes(hypothesis) : 1 - test.yes(hypothesis);
		return weight;
	}

	#weighed(observations: readonly Observation[], answered: readonly Answered[]) {
		const key = JSON.stringify([observations, answered]);
		if (this.#last?.key !== key) this.#last = { key, ...this.#weighedAnew(observations, answered) };
		return this.#last;
	}

	#weighedAnew(observations: readonly Observation[], answered: readonly Answered[]) {
		const unread: string[] = [];
		const tests = answered.flatMap(({ test, yes }): [BayTest, boolean][] => {
			const known = this.testOf(test);
			if (!known) unread.push(test);
			return known ? [[known, yes]] : [];
		});
		const raw = this.hypotheses.map((hypothesis) => ({
			hypothesis,
			weight: this.#weight(hypothesis, observations, tests)
		}));
		const heaviest = Math.max(...raw.map(({ weight }) => weight));
		const held = raw.map(({ hypothesis, weight }): Weighed => {
			if (weight < heaviest / FAR_BEHIND) return { hypothesis, weight: UNSAID_ELSE * weight };
			return { hypothesis, weight: weight * this.#eyes.unsaid(hypothesis, observations).factor };
		});
		held.sort((a, b) => b.weight - a.weight);
		const pairs = this.#paired(held, observations).map((hypothesis): Weighed => ({
			hypothesis,
			weight: this.#weight(hypothesis, observations, tests) * this.#eyes.unsaid(hypothesis, observations).factor
		}));
		const total = this.hypotheses.reduce((sum, { prior }) => sum + prior, 0);
		const other = OTHER.prior * total * OTHER.likelihood ** observations.length * 0.5 ** tests.length;
		return { all: [...held, ...pairs], other, unread };
	}

	/** Two at once, where the likeliest one leaves something open: one that explains it, beside each that explains the rest. */
	#paired(held: readonly Weighed[], observations: readonly Observation[]): Hypothesis[] {
		const [first] = held;
		if (!first) return [];
		const explains = (hypothesis: Hypothesis, one: Observation) => this.#eyes.likelihood(hypothesis, one) > EXPLAINS;
		const open = observations.filter((one) => !one.absent && !explains(first.hypothesis, one));
		if (open.length === 0) return [];
		const rest = observations.filter((one) => !one.absent && !open.includes(one));
		if (rest.length === 0) return [];
		const best = (wanted: readonly Observation[]) =>
			held
				.map(({ hypothesis }) => ({
					hypothesis,
					weight: wanted.reduce((w, one) => w * this.#eyes.likelihood(hypothesis, one), hypothesis.prior)
				}))
				.filter(({ hypothesis }) => wanted.every((one) => explains(hypothesis, one)))
				.sort((a, b) => b.weight - a.weight)
				.slice(0, PAIRED);
		const made = best(rest).flatMap(({ hypothesis: a }) =>
			best(open).flatMap(({ hypothesis: b }) => (a.key === b.key ? [] : [this.#pair(a, b)]))
		);
		return [...new Set(made)];
	}

	#pair(a: Hypothesis, b: Hypothesis): Hypothesis {
		const key = [a, b]
			.map((one) => this.hypotheses.indexOf(one))
			.sort()
			.join();
		const known = this.#pairs.get(key) ?? together(this.simulations, a, b);
		this.#pairs.set(key, known);
		return known;
	}

	/** Causes in order, the likeliest first. */
	standings(observations: readonly Observation[], answered: readonly Answered[] = []): Standings {
		const { all, other, unread } = this.#weighed(observations, answered);
		const sum = all.reduce((total, { weight }) => total + weight, other) || 1;
		const groups = new Map<string, { weight: number; best: Weighed }>();
		for (const one of all) {
			const known = groups.get(one.hypothesis.key);
			if (!known) groups.set(one.hypothesis.key, { weight: one.weight, best: one });
			else {
				known.weight += one.weight;
				if (one.weight > known.best.weight) known.best = one;
			}
		}
		const causes = [...groups]
			.sort((a, b) => b[1].weight - a[1].weight)
			.map(([key, { weight, best }]): Standing => {
				const { hypothesis } = best;
				const said = observations.map((one) => ({ one, p: this.#eyes.likelihood(hypothesis, one) }));
				return {
					key,
					suspects: hypothesis.suspects,
					score: weight / sum,
					best: hypothesis,
					explains: said.filter(({ p }) => p > EXPLAINS).map(({ one }) => one),
					doesNot: said.filter(({ p }) => p <= EXPLAINS).map(({ one }) => one),
					unsaid: weight / sum < 0.001 ? [] : this.#eyes.unsaid(hypothesis, observations).what
				};
			});
		return { causes, other: other / sum, unread };
	}

	/** Tests worth their minutes, the one that splits the causes best first. */
	nextTests(observations: readonly Observation[], answered: readonly Answered[] = []): (BayTest & { tells: number })[] {
		const { all, other } = this.#weighed(observations, answered);
		const { held, keys } = mostBelieved(all);
		if (keys.size === 0) return [];
		const sum = held.reduce((total, { weight }) => total + weight, other);
		const before = entropyOfGroups(held, { sum, other });
		const asked = new Set(answered.map(({ test }) => test));
		const tests = this.#candidates(held, observations).filter(({ id }) => !asked.has(id));
		return tests
			.map((test) => ({ ...test, tells: before - expected(test, held, { sum, other }) }))
			.filter(({ tells }) => tells > 0.01)
			.sort((a, b) => worth(b) - worth(a));
	}

	#candidates(held: readonly Weighed[], observations: readonly Observation[]): BayTest[] {
		const { simulations } = this;
		const { configuration } = simulations.scene;
		const suspects = new Map(
			held.flatMap(({ hypothesis }) => hypothesis.suspects.map((one) => [one.key, one] as const))
		);
		const sockets = new Set(
			[...suspects.values()].flatMap(({ socket, place }) => [...(socket ? [socket] : []), ...place.touched.sockets])
		);
		const tools = { eyes: this.#eyes, simulations };
		const seen = new Set(observations.map(({ symptom, mode, place }) => JSON.stringify([symptom, mode, place])));
		const spoken = observations
			.filter(({ symptom, absent, place }) => symptom === 'message' && !absent && place.socket === undefined)
			.flatMap((one) =>
				firstOnOutputs(configuration, suspects.values()).map((socket) => ({ ...one, place: { socket } }))
			);
		const looks = [...looksAt({ simulations, sockets }), ...spoken]
			.filter(({ symptom, mode, place }) => !seen.has(JSON.stringify([symptom, mode, place])))
			.filter((one) => isSplit(held, ({ hypothesis }) => this.#eyes.likelihood(hypothesis, one)))
			.map((one) => lookTest(this.#eyes, configuration, one));
		const played = observations.find(
			({ symptom, mode, absent }) => !absent && mode !== null && symptomOf(symptom).shows
		);
		const leds = [...suspects.values()].flatMap(({ socket }) =>
			socket !== null && simulations.scene.fitted.lamps.get(socket)?.kind === 'product' ? socket : []
		);
		const filaments = played ? [...new Set(leds)].slice(0, 6).map((socket) => filamentTest(tools, socket, played)) : [];
		return [...looks, ...[...suspects.values()].map((one) => causeTest(configuration, one)), ...filaments];
	}
}

const worth = ({ tells, minutes }: { tells: number; minutes: number }) => tells / (1 + minutes / PATIENCE_MIN);

/** Degrees of a cause this share behind its likeliest do not count in the choice of a test. */
const DEGREE = 0.05;

/** The hypotheses that hold nearly all belief. */
function mostBelieved(all: readonly Weighed[]): { held: Weighed[]; keys: Set<string> } {
	const total = all.reduce((sum, { weight }) => sum + weight, 0);
	const keys = new Set<string>();
	const held: Weighed[] = [];
	let sum = 0;
	for (const one of [...all].sort((a, b) => b.weight - a.weight)) {
		if (!keys.has(one.hypothesis.key) && (keys.size >= TESTED.most || sum > TESTED.belief * total)) continue;
		keys.add(one.hypothesis.key);
		held.push(one);
		sum += one.weight;
	}
	const most = new Map<string, number>();
	for (const { hypothesis, weight } of held) most.set(hypothesis.key, Math.max(weight, most.get(hypothesis.key) ?? 0));
	const counts = ({ hypothesis, weight }: Weighed) => weight > DEGREE * (most.get(hypothesis.key) ?? 0);
	return { held: held.filter(counts), keys };
}

function isSplit(held: readonly Weighed[], of: (one: Weighed) => number): boolean {
	const [first] = held;
	if (!first) return false;
	const at = of(first);
	return held.some((one) => Math.abs(of(one) - at) > 0.3);
}

function entropyOfGroups(held: readonly Weighed[], { sum, other }: { sum: number; other: number }): number {
	const groups = new Map<string, number>();
	for (const { hypothesis, weight } of held)
		groups.set(hypothesis.key, (groups.get(hypothesis.key) ?? 0) + weight / sum);
	return entropy([...groups.values(), other / sum]);
}

/** What is left open after a test, on average, bit. */
function expected(test: BayTest, held: readonly Weighed[], { sum, other }: { sum: number; other: number }): number {
	const yes = held.map((one) => ({ ...one, weight: one.weight * test.yes(one.hypothesis) }));
	const no = held.map((one, i) => ({ ...one, weight: one.weight - (yes[i]?.weight ?? 0) }));
	return [yes, no].reduce((left, part) => {
		const own = part.reduce((total, { weight }) => total + weight, other / 2);
		return left + (own / sum) * entropyOfGroups(part, { sum: own, other: other / 2 });
	}, 0);
}
