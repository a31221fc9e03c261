import { applyPatch, createPatch, type Operation } from 'rfc6902';

/** What leads from one state of a record to another, and back: JSON patches, RFC 6902. */
export interface Patches {
	forward: unknown[];
	backward: unknown[];
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** The patches between two states. */
export function patchesBetween(before: object, after: object): Patches {
	const [from, to] = [plain(before), plain(after)];
	return { forward: createPatch(from, to), backward: createPatch(to, from) };
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
