import { solveInParts, type Solver } from '../solver';
import type { Operation } from '../model';
import type { AccessGraph } from './graph';
import { minutesOf, recordedMinutes } from './minutes';
import { doable, whyNot } from './possible';
import { accessProgram, type WantedPlace } from './program';

/** The least work that reaches some places. */
export interface AccessPlan {
	/** Operations to be done, in the order of the record. */
	operations: Operation[];
	/** Recorded minutes of all of them, there and back. */
	minutes: number;
	/** Minutes taken for operations that nobody timed, beside the recorded ones. */
	assumedMinutes: number;
	/** True when it is proven that nothing takes less. */
	exact: boolean;
	/** Places that something on record reaches, and nobody can: with what is in the way. */
	unreachable: { place: string; why: string }[];
	/** Places nobody has recorded the way to. */
	notRecorded: string[];
}

/** A place to be reached by its name and, where another one would do as well, by any of them. */
export interface Wanted {
	id: string;
	anyOf?: readonly string[];
}

/** Operations that reach a place under one of its names. */
const reaching = ({ reaching: of }: AccessGraph, { id, anyOf = [id] }: Wanted): string[] => [
	...new Set(anyOf.flatMap((name) => of.get(name) ?? []))
];

/** Some places of a vehicle: those that can be reached, those that cannot, and those nobody has recorded the way to. */
function sorted(graph: AccessGraph, wanted: readonly Wanted[], possible: ReadonlySet<string>) {
	const places: WantedPlace[] = [];
	const unreachable: AccessPlan['unreachable'] = [];
	const notRecorded: string[] = [];
	for (const one of wanted) {
		const by = reaching(graph, one);
		const [first] = by;
		if (first === undefined) notRecorded.push(one.id);
		else if (by.some((id) => possible.has(id))) places.push({ id: one.id, by });
		else unreachable.push({ place: one.id, why: whyNot(graph, first, possible) ?? '' });
	}
	return { places, unreachable, notRecorded };
}

/** True for an operation that takes no time at all. */
function isIdle(operation: Operation | undefined): boolean {
	const { off, on } = minutesOf(operation ?? {});
	return off + on === 0;
}

/** What is left of operations when those that carry nothing are taken out: at least minutes only such as take no time can be among them. */
function needed(graph: AccessGraph, chosen: ReadonlySet<string>, places: readonly WantedPlace[]): Set<string> {
	const kept = new Set(chosen);
	const idle = [...chosen].filter((id) => isIdle(graph.operations.get(id)));
	for (const id of idle.reverse()) {
		kept.delete(id);
		const left = doable(graph, kept);
		const isEnough = places.every(({ by }) => by.some((other) => left.has(other)));
		if (!isEnough) kept.add(id);
	}
	return doable(graph, kept);
}

/**
 * The operations that reach some places in the fewest minutes, those shared between places counted once, routes chosen; proven by the solver.
 * A place that cannot be reached is named, and the rest is planned.
 */
export async function planAccess(graph: AccessGraph, wanted: readonly Wanted[], solver: Solver): Promise<AccessPlan> {
	const possible = doable(graph);
	const { places, unreachable, notRecorded } = sorted(graph, wanted, possible);
	const { program, names } = accessProgram(graph, { places, possible });
	const solved = places.length === 0 ? null : await solveInParts(program, solver);
	if (solved?.status === 'infeasible')
		throw new Error('Every place can be reached, and the program of the way in says none can.');
	const chosen = new Set([...possible].filter((id) => (solved?.values.get(names.get(id) as string) ?? 0) > 0.5));
	const kept = needed(graph, chosen, places);
	const operations = [...graph.operations.values()].filter(({ id }) => kept.has(id));
	const minutes = sum(operations.map(recordedMinutes));
	const all = sum(operations.map((operation) => minutesOf(operation).off + minutesOf(operation).on));
	return {
		operations,
		minutes,
		assumedMinutes: all - minutes,
		exact: !solved || solved.bound >= solved.objective,
		unreachable,
		notRecorded
	};
}

/** Minutes added up without the dust of binary fractions. */
const sum = (minutes: readonly number[]) => Math.round(minutes.reduce((a, b) => a + b, 0) * 1e6) / 1e6;
