import type { Configuration, Operation } from '../model';
import type { Problem } from '../result';
import { accessGraph, FLASHER_PLACE, MOUNT_PREFIX, wantsAll, wantsOne, type AccessGraph } from './graph';
import { doable, whyNot } from './possible';

/** What a place is called in a record of access; null when it is none. */
function unknownPlace({ sockets, channels }: Pick<Configuration, 'sockets' | 'channels'>) {
	const known = new Set<string>([
		FLASHER_PLACE,
		...sockets.map(({ id }) => id as string),
		...channels.map(({ id }) => `channel:${id}`)
	]);
	return (place: string) =>
		!known.has(place) && !(place.startsWith(MOUNT_PREFIX) && place.length > MOUNT_PREFIX.length);
}

function namesOf(operation: Operation, at: string): { id: string; path: string }[] {
	return [
		...wantsAll(operation).map((id, a) => ({ id, path: `${at}.after[${a}]` })),
		...wantsOne(operation).flatMap((route, r) => route.map((id, i) => ({ id, path: `${at}.anyOf[${r}][${i}]` })))
	];
}

/**
 * What is wrong with the recorded way in of a vehicle: ids used twice, operations and places nobody knows, operations that wait for each other.
 * A record that has only loose ends (something is done that leads nowhere yet) holds together.
 * @param path where the vehicle stands in its document
 */
export function accessProblems(configuration: Configuration, path = ''): Problem[] {
	const operations = configuration.access?.operations ?? [];
	const graph = accessGraph(configuration);
	const isUnknown = unknownPlace(configuration);
	const possible = doable(graph);
	return operations.flatMap((operation, o): Problem[] => {
		const at = `${path ? `${path}.` : ''}access.operations[${o}]`;
		const earlier = operations.findIndex(({ id }) => id === operation.id);
		const unknown = namesOf(operation, at).filter(({ id }) => !graph.operations.has(id));
		return [
			...(earlier < o
				? [{ path: `${at}.id`, message: `"${operation.id}" is already used by operation ${earlier + 1}` }]
				: []),
			...unknown.map(({ id, path: where }) => ({
				path: where,
				message: `"${id}" is not an operation of ${configuration.id}`
			})),
			...(operation.reaches ?? []).flatMap((place, r) =>
				isUnknown(place)
					? [
							{
								path: `${at}.reaches[${r}]`,
								message: `"${place}" is neither a socket nor an output of ${configuration.id}, nor "flasher" or "mount:…"`
							}
						]
					: []
			),
			...(earlier === o && unknown.length === 0 && !possible.has(operation.id)
				? [{ path: at, message: `can never be done: ${whyNot(graph, operation.id, possible) ?? ''}` }]
				: [])
		];
	});
}

/** What of a recorded way in leads nowhere, or is not there yet, in words for whoever records it. */
export interface LooseEnds {
	/** Operations that reach nothing, and that nothing on record comes after. */
	leadNowhere: Operation[];
	/** Sockets nobody has recorded the way to. */
	notRecorded: string[];
}

/** Loose ends of the way in. */
export function looseEnds(configuration: Configuration, graph: AccessGraph = accessGraph(configuration)): LooseEnds {
	const wanted = new Set([...graph.operations.values()].flatMap((one) => [...wantsAll(one), ...wantsOne(one).flat()]));
	return {
		leadNowhere: [...graph.operations.values()].filter(
			({ id, reaches = [] }) => reaches.length === 0 && !wanted.has(id)
		),
		notRecorded: configuration.sockets.flatMap(({ id }) => (graph.reaching.has(id) ? [] : [id as string]))
	};
}
