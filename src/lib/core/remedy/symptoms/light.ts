import type { LampState } from '../../circuit';
import type { Seen, Symptom } from './symptom';

/** True for a lamp on sale that its output feeds and that gives no light. */
function staysDark({ product, fed, lit, flicker }: Pick<LampState, 'product' | 'fed' | 'lit' | 'flicker'>): boolean {
	return product !== null && fed && lit === false && flicker.word !== 'drops-out';
}

/** Light that is not as it should be: it flickers, stays dark, or glows while it is off. */
export const lightSymptom: Symptom<'flicker' | 'glow' | 'dark'> = {
	names: { flicker: 'flicker', glow: 'glow when off', dark: 'lamp that stays dark' },
	seenIn: ({ lamps }) =>
		lamps.flatMap(({ socket, channel, flicker, glow, ...lamp }): Seen<'flicker' | 'glow' | 'dark'>[] => {
			const at = { channel, sockets: [socket] };
			if (flicker.word === 'strobes') {
				const why = `strobes, ${flicker.modulation} % modulation, low risk is ${flicker.limit?.toFixed(0)} %`;
				return [{ ...at, kind: 'flicker', why }];
			}
			if (flicker.word === 'drops-out') return [{ ...at, kind: 'flicker', why: 'its pulses are too short to start' }];
			if (staysDark({ flicker, ...lamp })) return [{ ...at, kind: 'dark', why: 'it is fed and gives no light' }];
			if (glow === 'none') return [];
			const why = glow === 'pulses' ? 'blinks faintly from the bulb-out check while off' : 'back-feed: check the earth';
			return [{ ...at, kind: 'glow', why }];
		})
};
