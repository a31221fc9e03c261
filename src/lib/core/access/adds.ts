import type { Solver } from '../solver';
import type { AccessGraph } from './graph';
import { planAccess, type AccessPlan, type Wanted } from './plan';
import { doable } from './possible';

/** What reaching one more place would add. */
export interface Added {
	place: string;
	/** Minutes more than the plan, there and back. */
	minutes: number;
}

const whole = ({ minutes, assumedMinutes }: AccessPlan) => minutes + assumedMinutes;

/**
 * Minutes that each further place would add to a plan: nothing where what is done anyway reaches it, else the least of a new plan. Places that
 * cannot be reached, or that nobody recorded the way to, add nothing anyone could name and are left out.
 */
export async function addsTo(
	graph: AccessGraph,
	{ wanted, plan, others }: { wanted: readonly Wanted[]; plan: AccessPlan; others: readonly string[] },
	solver: Solver
): Promise<Added[]> {
	const possible = doable(graph);
	const done = new Set(plan.operations.map(({ id }) => id));
	const added: Added[] = [];
	for (const place of others) {
		const by = (graph.reaching.get(place) ?? []).filter((id) => possible.has(id));
		if (by.length === 0) continue;
		const more = by.some((id) => done.has(id))
			? 0
			: whole(await planAccess(graph, [...wanted, { id: place }], solver)) - whole(plan);
		added.push({ place, minutes: Math.round(more * 1e6) / 1e6 });
	}
	return added.sort((a, b) => a.minutes - b.minutes);
}
