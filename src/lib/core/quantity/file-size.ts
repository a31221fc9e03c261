import { decimal } from './format';

/** Largest file read at once, bytes. */
export const MAX_FILE_BYTES = 10_000_000;

/** Why a file is not read for its size; null when it may be. */
export function tooLarge({ name, size }: { name: string; size: number }): string | null {
	if (size <= MAX_FILE_BYTES) return null;
	return `${name} is ${decimal(size / 1e6)} MB; at most ${MAX_FILE_BYTES / 1e6} MB are read at once. Nothing was changed.`;
}
