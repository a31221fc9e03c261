import { isDeepStrictEqual } from 'node:util';
import { applyPatch, createPatch, type Operation } from 'rfc6902';

type Diff = NonNullable<Parameters<typeof createPatch>[2]>;

/** What leads from one state of a record to another, and back: JSON patches, RFC 6902. */
export interface Patches {
	forward: unknown[];
	backward: unknown[];
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** Pairs of items that two lists are compared by at most; longer ones take each other's place whole. */
const MOST_PAIRS = 2500;

/** An operation of a part, in the whole; a difference is written without moves and copies. */
const under = (path: string, operation: Operation): Operation => ({ ...operation, path: path + operation.path });

/** An operation on the items of a list behind its first ones; `-` is behind the last whichever they are. */
const behind = (path: string, first: number, operation: Operation): Operation =>
	under(path, {
		...operation,
		path: operation.path.replace(/^\/rest/, '').replace(/^\/(\d+)/, (_, index: string) => `/${Number(index) + first}`)
	});

/**
 * Passes over what is the same, takes lists of one length place by place, and of other lists what follows their equal beginnings: of a record
 * with dozens of sockets a change touches one, and the shortest way from list to list takes the square of their length.
 */
const placeByPlace: Diff = (input: unknown, output: unknown, pointer) => {
	if (isDeepStrictEqual(input, output)) return [];
	if (!Array.isArray(input) || !Array.isArray(output)) return undefined;
	const path = pointer.toString();
	if (input.length === output.length)
		return input.flatMap((item, i) =>
			createPatch(item, output[i], placeByPlace).map((operation) => under(`${path}/${i}`, operation))
		);
	const first = input.findIndex((item, i) => !isDeepStrictEqual(item, output[i]));
	const same = first < 0 ? input.length : first;
	const [before, after] = [input.slice(same), output.slice(same)];
	if (before.length * after.length > MOST_PAIRS) return [{ op: 'replace', path, value: output as unknown }];
	if (same === 0) return undefined;
	return createPatch({ rest: before }, { rest: after }, placeByPlace).map((operation) => behind(path, same, operation));
};

/** The patches between two states. */
export function patchesBetween(before: object, after: object): Patches {
	const [from, to] = [plain(before), plain(after)];
	return {
		forward: createPatch(from, to, placeByPlace),
		backward: createPatch(to, from, placeByPlace)
	};
}

/**
 * A state with a patch applied; the state given is left as it is.
 * @throws Error when the patch does not belong to the state
 */
export function patched<T extends object>(state: T, patch: readonly unknown[]): T {
	const next = plain(state);
	const failed = applyPatch(next, patch as Operation[]).find((error) => error !== null);
	if (failed) throw new Error(`The history of this record does not fit its state: ${failed.message}`);
	return next;
}
