import { getContext, hasContext, setContext } from 'svelte';

const KEY = Symbol('saw');

/** Hands every form below the sign of what the person sees, to be given back with a change. */
export function provideSaw(sign: () => string): void {
	setContext(KEY, sign);
}

/** The sign of what the person sees here; null where nothing is to be given back. */
export function sawHere(): (() => string) | null {
	return hasContext(KEY) ? getContext<() => string>(KEY) : null;
}
