import { accessGraph, addsTo, planAccess, type Added } from '../access';
import type { VehicleCircuit } from '../circuit';
import type { Solver } from '../solver';
import { fitUp, type FitUp } from './fit-up';
import type { Job } from './job';
import { wantedPlaces } from './wanted-places';

/** A fit-up, and what each further socket would add to it. */
export interface PlannedFitUp extends FitUp {
	adds: Added[];
}

/**
 * Plans the work of a job: the least minutes for everything it touches, proven by the solver, in steps, with what further sockets would add.
 * @param circuit the vehicle as it will be; null where nobody has said what goes in
 */
export async function planFitUp(job: Job, circuit: VehicleCircuit | null, solver: Solver): Promise<PlannedFitUp> {
	const graph = accessGraph(job.configuration);
	const wanted = wantedPlaces(job, graph);
	const plan = await planAccess(graph, wanted, solver);
	const inJob = new Set(wanted.map(({ id }) => id));
	const others = job.configuration.sockets.flatMap(({ id }) => (inJob.has(id) ? [] : [id as string]));
	const adds = await addsTo(graph, { wanted, plan, others }, solver);
	return { ...fitUp({ job, graph, wanted, plan, circuit }), adds };
}
