import { createHash } from 'node:crypto';

const SIGNS = 16;

/** A short sign of a value: equal for equal values, and for no others in practice. */
export function fingerprint(value: unknown): string {
	return createHash('sha256')
		.update(JSON.stringify(value ?? null))
		.digest('base64url')
		.slice(0, SIGNS);
}
