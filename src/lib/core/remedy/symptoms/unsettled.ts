import type { Symptom } from './symptom';

/** A circuit whose arithmetic did not come to rest: nothing is known of it, and nobody should build on it. */
export const unsettledSymptom: Symptom<'unsettled'> = {
	names: { unsettled: 'currents that could not be worked out' },
	seenIn: ({ settled, channels }) =>
		settled
			? []
			: channels
					.filter(({ functions }) => functions.length > 0)
					.map(({ id }) => ({
						kind: 'unsettled' as const,
						channel: id,
						sockets: [],
						why: 'the arithmetic did not come to rest: measure it'
					}))
};
