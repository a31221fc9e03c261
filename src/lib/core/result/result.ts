/** An expected failure is a value: either what was asked for, or why it cannot be had. */
export type Result<T, E> = { ok: true; value: T } | { ok: false; error: E };

/** Wraps a success. */
export function ok<T>(value: T): { ok: true; value: T } {
	return { ok: true, value };
}

/** Wraps an expected failure. */
export function err<E>(error: E): { ok: false; error: E } {
	return { ok: false, error };
}
