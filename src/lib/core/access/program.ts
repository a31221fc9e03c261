import type { Program, Constraint, Variable } from '../solver';
import { wantsAll, wantsOne, type AccessGraph } from './graph';
import { minutesOf } from './minutes';
import { rings } from './rings';

/** A place that has to be reached, by any operation that reaches one of these. */
export interface WantedPlace {
	id: string;
	by: readonly string[];
}

/** The solver counts whole units: thousandths of a minute. */
const UNITS_A_MINUTE = 1000;

const thousandths = (minutes: number) => Math.round(minutes * UNITS_A_MINUTE);

/** What the program is asked for. */
interface AccessAsked {
	places: readonly WantedPlace[];
	/** Operations that can be done; the others are left out. */
	possible: ReadonlySet<string>;
	/** What minutes cost, in whole units; thousandths of a minute when left out. */
	cost?: (minutes: number) => number;
	/** Put before every name, where the program is a part of another one. */
	prefix?: string;
}

/** A program together with what its variables mean. */
export interface AccessProgram {
	program: Program;
	/** Name of the variable of an operation. */
	names: ReadonlyMap<string, string>;
}

/** Collects variables and constraints under short names. */
class Rows {
	readonly variables: Variable[] = [];
	readonly constraints: Constraint[] = [];

	variable(name: string, more: Partial<Variable> = {}): string {
		this.variables.push({ name, cost: 0, kind: 'binary', ...more });
		return name;
	}

	atLeast(bound: number, terms: Constraint['terms']): void {
		this.constraints.push({ name: `c${this.constraints.length}`, terms, sense: '>=', bound });
	}
}

/**
 * The program of least minutes: choose operations so that every place is reached, each after all it wants and by one whole route. Where operations
 * lie on a ring, each has a level above those it leans on, so that no ring carries itself.
 */
export function accessProgram(
	graph: AccessGraph,
	{ places, possible, cost = thousandths, prefix = '' }: AccessAsked
): AccessProgram {
	const rows = new Rows();
	const names = new Map<string, string>();
	const nameOf = (id: string) => names.get(id) as string;
	for (const id of possible) {
		const { off, on } = minutesOf(graph.operations.get(id) ?? {});
		names.set(id, rows.variable(`${prefix}x${names.size}`, { cost: cost(off + on) }));
	}
	const ringOf = new Map(rings(graph).flatMap((ring) => ring.map((id) => [id, ring] as const)));
	for (const [id, ring] of ringOf)
		if (names.has(id)) rows.variable(`l${nameOf(id)}`, { kind: 'integer', max: ring.length });
	/** Where `taken` is 1, the operation stands above the one it leans on. */
	const above = (id: string, taken: string, other: string) => {
		const ring = ringOf.get(id);
		if (!ring?.includes(other)) return;
		const terms: [number, string][] =
			id === other
				? []
				: [
						[1, `l${nameOf(id)}`],
						[-1, `l${nameOf(other)}`]
					];
		rows.atLeast(-ring.length, [...terms, [-(ring.length + 1), taken]]);
	};
	for (const id of possible) {
		const operation = graph.operations.get(id);
		if (!operation) continue;
		const own = nameOf(id);
		for (const other of new Set(wantsAll(operation))) {
			rows.atLeast(0, [
				[1, nameOf(other)],
				[-1, own]
			]);
			above(id, own, other);
		}
		const routes = wantsOne(operation).filter((route) => route.every((other) => possible.has(other)));
		// A route that asks for nothing is always there.
		if (routes.length === 0 || routes.some((route) => route.length === 0)) continue;
		const taken = routes.map((route, r) => {
			const way = rows.variable(`r${own}_${r}`);
			for (const other of new Set(route)) {
				rows.atLeast(0, [
					[1, nameOf(other)],
					[-1, way]
				]);
				above(id, way, other);
			}
			return way;
		});
		rows.atLeast(0, [...taken.map((way) => [1, way] as const), [-1, own]]);
	}
	for (const { by } of places)
		rows.atLeast(
			1,
			by.filter((id) => possible.has(id)).map((id) => [1, nameOf(id)] as const)
		);
	return { program: { variables: rows.variables, constraints: rows.constraints }, names };
}
