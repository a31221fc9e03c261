import { accessGraph, planAccess, readAccessLine } from '../src/lib/core/access';
import { planFitUp, jobOfSockets } from '../src/lib/core/fitup';
import type { Operation } from '../src/lib/core/model';
import { highsSolver } from '../src/lib/server/solver/highs';
import { randomFrom } from '../tests/support/random';
import { generateConfiguration } from './generate';
import { median, ms } from './measure';

const OPERATIONS = 80;

/** A way in of 80 operations to every socket: shared parts, routes, each place reached once or twice. */
function operationsFor(sockets: readonly string[], random: () => number): Operation[] {
	const any = (count: number) => Math.floor(random() * count);
	return Array.from({ length: OPERATIONS }, (_, i): Operation => {
		const earlier = (count: number) => (i === 0 ? [] : Array.from({ length: count }, () => `o${any(i)}`));
		const routes = i > 4 && random() < 0.3 ? [earlier(1 + any(2)), earlier(1 + any(2))] : [];
		return {
			id: `o${i}`,
			title: `Operation ${i}`,
			minutesOff: 1 + any(8),
			minutesOn: 1 + any(8),
			after: earlier(any(3)),
			...(routes.length > 0 ? { anyOf: routes } : {}),
			reaches: sockets.filter((_socket, s) => s % OPERATIONS === i || random() < 0.015)
		};
	});
}

/** The least way in to 60 places, a whole fit-up with what others add, and the access-line at every keystroke. */
export async function access(): Promise<void> {
	const plain = generateConfiguration(60);
	const ids = plain.sockets.map(({ id }) => id as string);
	const times: number[] = [];
	for (let seed = 1; seed <= 20; seed++) {
		const operations = operationsFor(ids, randomFrom(seed));
		const graph = accessGraph({ access: { operations } });
		const wanted = ids.map((id) => ({ id }));
		const plan = await planAccess(graph, wanted, highsSolver);
		if (!plan.exact) throw new Error(`The plan of seed ${seed} is not proven.`);
		times.push(await median(() => planAccess(graph, wanted, highsSolver), 3));
	}
	times.sort((a, b) => a - b);
	console.log(
		`plan of ${ids.length} places and ${OPERATIONS} operations, proven: median ${ms(times[10] ?? NaN)}, worst of 20 ${ms(times.at(-1) ?? NaN)} (aim: under 200 ms)`
	);
	const configuration = { ...plain, access: { operations: operationsFor(ids, randomFrom(7)) } };
	const job = jobOfSockets(configuration, ids.slice(0, 30));
	console.log(
		`a fit-up of 30 of them with what each other one adds: ${ms(await median(() => planFitUp(job, null, highsSolver), 3))}`
	);
	const line =
		'left headlamp out: 2x 10 mm bolt top, 1x 10 mm below, clip outward, plug; after operation 3; reaches low; 6 min off 8 on; care: tape the bumper';
	const keys = Array.from({ length: line.length }, (_, i) => line.slice(0, i + 1));
	const read = await median(() => keys.map((typed) => readAccessLine(typed, configuration)), 5);
	console.log(`access-line, a keystroke: ${ms(read / keys.length)} (aim: under 5 ms)`);
}
