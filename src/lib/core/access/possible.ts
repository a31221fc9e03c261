import type { Operation } from '../model';
import { namedBefore, wantsAll, wantsOne, type AccessGraph } from './graph';

/**
 * Operations that can be done one after the other, in an order in which they can: each after all it wants, and by a route that stands. A ring of
 * operations that wait for each other does not carry itself.
 * @param among only these may be done; all of the record when left out
 */
export function doable({ operations }: AccessGraph, among: Iterable<string> = operations.keys()): Set<string> {
	const asked = new Set(among);
	const followers = new Map<string, Operation[]>();
	const ready: Operation[] = [];
	for (const id of asked) {
		const operation = operations.get(id);
		if (!operation) continue;
		for (const other of namedBefore(operation)) followers.set(other, [...(followers.get(other) ?? []), operation]);
		if (isReady(operation, NOTHING)) ready.push(operation);
	}
	const done = new Set<string>();
	for (let next = ready.shift(); next; next = ready.shift()) {
		if (done.has(next.id)) continue;
		done.add(next.id);
		ready.push(...(followers.get(next.id) ?? []).filter((one) => !done.has(one.id) && isReady(one, done)));
	}
	return done;
}

const NOTHING: ReadonlySet<string> = new Set();

/** True when everything an operation waits for is done. */
export function isReady(operation: Operation, done: ReadonlySet<string>): boolean {
	const routes = wantsOne(operation);
	return (
		wantsAll(operation).every((id) => done.has(id)) &&
		(routes.length === 0 || routes.some((route) => route.every((id) => done.has(id))))
	);
}

/**
 * Why an operation can never be done: the first thing on its way that is not there, or the ring it stands in. Null when it can.
 * @param possible all that can be done
 */
export function whyNot(graph: AccessGraph, id: string, possible: ReadonlySet<string>): string | null {
	const seen: string[] = [];
	for (let at = id; !possible.has(at);) {
		const operation = graph.operations.get(at);
		if (!operation) return `“${at}” is not on record`;
		if (seen.includes(at)) return ringWords(graph, seen.slice(seen.indexOf(at)));
		seen.push(at);
		const blocked = [...wantsAll(operation), ...wantsOne(operation).flat()].find((other) => !possible.has(other));
		if (blocked === undefined) return `“${operation.title}” has no route that stands`;
		at = blocked;
	}
	return null;
}

function ringWords({ operations }: AccessGraph, ids: readonly string[]): string {
	const names = ids.map((id) => `“${operations.get(id)?.title ?? id}”`);
	return names.length === 1 ? `${names[0]} waits for itself` : `${names.join(' and ')} wait for each other`;
}
