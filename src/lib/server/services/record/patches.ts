import jsonPatch, { type Operation } from 'fast-json-patch';

/** What leads from one state of a record to another, and back: JSON patches, RFC 6902. */
export interface Patches {
	forward: unknown[];
	backward: unknown[];
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** The patches between two states. */
export function patchesBetween(before: object, after: object): Patches {
	const [from, to] = [plain(before), plain(after)];
	return { forward: jsonPatch.compare(from, to), backward: jsonPatch.compare(to, from) };
}

/** A state with a patch applied; the state given is left as it is. */
export function patched<T extends object>(state: T, patch: readonly unknown[]): T {
	return jsonPatch.applyPatch(plain(state), patch as Operation[]).newDocument;
}
