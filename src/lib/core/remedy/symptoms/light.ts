import type { Seen, Symptom } from './symptom';

/** Light that is not as it should be: it flickers, or glows while it is off. */
export const lightSymptom: Symptom<'flicker' | 'glow'> = {
	names: { flicker: 'flicker', glow: 'glow when off' },
	seenIn: ({ lamps }) =>
		lamps.flatMap(({ socket, channel, flicker, glow }): Seen<'flicker' | 'glow'>[] => {
			const at = { channel, sockets: [socket] };
			if (flicker.word === 'strobes') {
				const why = `strobes, ${flicker.modulation} % modulation, low risk is ${flicker.limit?.toFixed(0)} %`;
				return [{ ...at, kind: 'flicker', why }];
			}
			if (flicker.word === 'drops-out') return [{ ...at, kind: 'flicker', why: 'its pulses are too short to start' }];
			if (glow === 'none') return [];
			const why = glow === 'pulses' ? 'blinks faintly from cold-check pulses' : 'lit through a bad earth';
			return [{ ...at, kind: 'glow', why }];
		})
};
