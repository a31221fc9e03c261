import type { TriedHere } from '$lib/core/match';

/** How tests of every mode went with a lamp on this vehicle, in words. @example triedWords({ quiet: 3, complained: 0 }) // "no message, 3 of 3" */
export const triedWords = ({ quiet, complained }: TriedHere): string => `no message, ${quiet} of ${quiet + complained}`;
