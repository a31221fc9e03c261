import { Diagnosis } from '../src/lib/core/learn';
import { goWrong } from '../tests/support/go-wrong';
import { leftFine, type LeftFine } from '../tests/support/left-fine';
import { Witness } from '../tests/support/witness';
import { randomFrom } from '../tests/support/random';
import { ms } from './measure';
import type { Observation } from '../src/lib/core/learn';

/** Vehicles with a hidden fault, and how large a vehicle the time is taken on. */
const VEHICLES = 300;
const LARGE = { sockets: 60, tried: 12 } as const;
const TESTS = 3;

interface Case {
	left: LeftFine;
	witness: Witness;
	observations: Observation[];
	key: string;
}

/** Vehicles with something wrong, and one or two things somebody says of it. */
function* cases(sockets: number): Generator<Case> {
	for (let seed = 1; ; seed += 1) {
		const random = randomFrom(seed);
		const left = leftFine(random, sockets);
		const truth = goWrong(left, random);
		if (!truth) continue;
		const witness = new Witness(left, truth);
		const seen = witness.all();
		if (seen.length === 0) continue;
		const one = () => seen[Math.floor(random() * seen.length)] as Observation;
		const observations = [...new Set(random() < 0.5 ? [one(), one()] : [one()])];
		yield { left, witness, observations, key: [truth.cause, truth.socket, truth.channel].join('/') };
	}
}

function found({ left, witness, observations, key }: Case): number {
	const diagnosis = new Diagnosis({ ...left });
	const answered: { test: string; yes: boolean }[] = [];
	for (let i = 0; i < TESTS; i += 1) {
		const [next] = diagnosis.nextTests(observations, answered);
		if (!next) break;
		answered.push({ test: next.id, yes: witness.answers(next) });
	}
	return diagnosis.standings(observations, answered).causes.findIndex((cause) => cause.key === key);
}

function timed(work: () => void): number {
	const begun = performance.now();
	work();
	return performance.now() - begun;
}

const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;

/** Diagnosis: how often a hidden fault is found after three tests, and how long it takes on a large vehicle. */
export function diagnosis(): void {
	const places: number[] = [];
	for (const one of cases(0)) {
		places.push(found(one));
		if (places.length === VEHICLES) break;
	}
	const share = (most: number) => places.filter((place) => place >= 0 && place < most).length / VEHICLES;
	console.log(
		`diagnosis, ${VEHICLES} hidden faults, at most ${TESTS} tests: first in ${(100 * share(1)).toFixed(0)} % (aim: 80 %), among three in ${(100 * share(3)).toFixed(0)} % (aim: 95 %)`
	);
	const [causes, next, hypotheses]: [number[], number[], number[]] = [[], [], []];
	for (const { left, observations } of cases(LARGE.sockets)) {
		let made!: Diagnosis;
		causes.push(
			timed(() => {
				made = new Diagnosis({ ...left });
				made.standings(observations);
			})
		);
		next.push(timed(() => made.nextTests(observations)));
		hypotheses.push(made.hypotheses.length);
		if (causes.length === LARGE.tried) break;
	}
	const per200 = (mean(causes) * 200) / mean(hypotheses);
	console.log(
		`diagnosis, ${LARGE.sockets} sockets, ${mean(hypotheses).toFixed(0)} hypotheses in 14 modes: ${ms(mean(causes))}, ${ms(per200)} for each 200 (aim: 300 ms); next test ${ms(mean(next))}, ${ms((mean(next) * 200) / mean(hypotheses))} for each 200 (aim: 100 ms)`
	);
}
