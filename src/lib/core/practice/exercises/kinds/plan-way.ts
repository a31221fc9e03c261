import { accessGraph, doable, isReady, recordedMinutes, wantsAll, wantsOne, type AccessGraph } from '../../../access';
import type { Operation, Socket } from '../../../model';
import { twinGroups } from '../../../vehicle';
import { cheapestSet } from '../cheapest-set';
import { RIGHT, type Cost, type ExerciseKind, type Judged } from '../exercise';
import { placesText } from '../shown';

/** Places that are changed, and steps that are offered, at most. */
const MOST = { groups: 3, steps: 9 } as const;
const LEAST_STEPS = 3;
/** Steps that reach none of the places. */
const BESIDE = 2;
const COST: Cost = { minutes: 20, words: 'Half-way in, something is in the way: back, and begun again.' };
const SIDE = { left: ', left', right: ', right', both: '' } as const;

const nameOf = ({ title, side }: Operation) => `${title}${SIDE[side ?? 'both']}`;
const minutesOf = (operations: readonly Operation[]) => operations.reduce((sum, one) => sum + recordedMinutes(one), 0);

/** What an operation asks for, as a workshop manual says it. */
function detailOf(operation: Operation, { operations }: AccessGraph): string {
	const named = (ids: readonly string[]) =>
		ids.map((id) => nameOf(operations.get(id) as Operation).toLowerCase()).join(' and ');
	const before = [
		...(wantsAll(operation).length > 0 ? [named(wantsAll(operation))] : []),
		...(wantsOne(operation).length > 0 ? [wantsOne(operation).map(named).join(', or ')] : [])
	].join(', and ');
	return `${recordedMinutes(operation)} min there and back${before ? `; first ${before}` : ''}`;
}

/** Every operation on some way to some places. */
function onTheWay({ operations, reaching }: AccessGraph, places: readonly string[]): Operation[] {
	const found = new Set<string>();
	const open = places.flatMap((place) => reaching.get(place) ?? []);
	for (let id = open.pop(); id !== undefined; id = open.pop()) {
		const one = operations.get(id);
		if (!one || found.has(id)) continue;
		found.add(id);
		open.push(...wantsAll(one), ...wantsOne(one).flat());
	}
	return [...operations.values()].filter(({ id }) => found.has(id));
}

const isReached = (graph: AccessGraph, done: ReadonlySet<string>, place: string) =>
	(graph.reaching.get(place) ?? []).some((id) => done.has(id));

/** The least work that reaches all places. */
const leastOf = (graph: AccessGraph, steps: readonly Operation[], places: readonly string[]): Operation[] | null =>
	cheapestSet(steps, recordedMinutes, (set) => {
		const done = doable(
			graph,
			set.map(({ id }) => id)
		);
		return done.size === set.length && places.every((place) => isReached(graph, done, place));
	});

interface Way {
	graph: AccessGraph;
	steps: readonly Operation[];
	sockets: readonly Socket[];
	least: readonly Operation[];
}

/** What an order of steps is worth; null where one was not offered or stands there twice. */
function judge(answer: string, { graph, steps, sockets, least }: Way): Judged | null {
	const ids = answer.split(' ').filter(Boolean);
	const chosen = ids.flatMap((id) => steps.find((one) => one.id === id) ?? []);
	if (chosen.length === 0 || chosen.length !== ids.length || new Set(ids).size !== ids.length) return null;
	const source = 'way in of this vehicle';
	const done = new Set<string>();
	for (const operation of chosen) {
		if (!isReady(operation, done))
			return {
				outcome: 'wrong',
				opened: [{ what: `${nameOf(operation)}: not possible there`, why: detailOf(operation, graph), source }],
				cost: COST
			};
		done.add(operation.id);
	}
	const missed = sockets.filter(({ id }) => !isReached(graph, done, id));
	if (missed.length > 0)
		return {
			outcome: 'wrong',
			opened: [
				{ what: `not reached: ${placesText(missed)}`, why: 'Each lamp is reached by the last step of its way.', source }
			],
			cost: COST
		};
	const more = minutesOf(chosen) - minutesOf(least);
	if (more <= 0) return RIGHT;
	return {
		outcome: 'too-careful',
		opened: [
			{
				what: `${minutesOf(chosen)} min; ${minutesOf(least)} min are enough`,
				why: `Enough: ${least.map(nameOf).join('; ')}. A step that several lamps share is done once; of two routes the shorter one counts.`,
				source
			}
		],
		cost: { minutes: more, words: 'Work that reaches nothing is paid for as well.' }
	};
}

/** The steps to some lamps in an order that is possible, and the fewest minutes. */
export const planWay: ExerciseKind = {
	skill: 'plan the way in',
	minutes: 3,
	pose: (made, chance) => {
		const graph = accessGraph(made.truth);
		const groups = chance.shuffled(twinGroups(made.truth.sockets));
		for (let from = 0; from < groups.length; from++)
			for (const count of [MOST.groups, 2, 1]) {
				const sockets = groups.slice(from, from + count).flat();
				const places = sockets.map(({ id }) => id as string);
				const all = onTheWay(graph, places);
				if (all.length > MOST.steps) continue;
				const least = leastOf(graph, all, places);
				const isPlain = !least?.some((one) => wantsAll(one).length + wantsOne(one).length > 0);
				if (!least || least.length < LEAST_STEPS || isPlain) continue;
				// Where every step on the way is needed, others stand beside them.
				const others = [...graph.operations.values()].filter((one) => !all.includes(one));
				const beside = all.length === least.length ? chance.shuffled(others).slice(0, BESIDE) : [];
				const steps = chance.shuffled([...all, ...beside]);
				const way: Way = { graph, steps, sockets, least };
				return {
					question: {
						task: 'In which order is it done, so that these lamps are reached in the fewest minutes?',
						given: [{ label: 'To be changed', value: placesText(sockets) }],
						drawing: { kind: 'wheel', places },
						looks: [],
						answer: {
							by: 'order',
							steps: steps.map((one) => ({ id: one.id, words: nameOf(one), detail: detailOf(one, graph) }))
						},
						reason: null
					},
					judge: (answer) => judge(answer, way),
					seen: () => null,
					standsFor: `${minutesOf(least)} min: ${least.map(nameOf).join('; ')}`,
					least: 0,
					screen: { room: 'access' },
					rightReasons: []
				};
			}
		return null;
	}
};
