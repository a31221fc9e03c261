import type { Channel } from '../model';
import type { FunctionId } from '../lamps';

/** How a pulsed light looks. `steady`: no pulses; `low-risk`: under the published limit; `drops-out`: too short to start. */
export type FlickerWord = 'steady' | 'low-risk' | 'strobes' | 'drops-out' | 'unknown';

export interface Flicker {
	word: FlickerWord;
	/** Modulation of the light, percent, and the low-risk limit at this frequency; null when they do not apply. */
	modulation: number | null;
	limit: number | null;
}

const STEADY: Flicker = { word: 'steady', modulation: null, limit: null };
const UNKNOWN: Flicker = { word: 'unknown', modulation: null, limit: null };

/**
 * Low-risk limit of the modulation, percent: 0.08 f between 90 Hz and 1.25 kHz, 0.025 f below (IEEE 1789); above 1.25 kHz none is needed.
 * @example lowRiskLimit(200) // 16
 */
export function lowRiskLimit(hertz: number): number {
	if (hertz > 1250) return 100;
	return hertz >= 90 ? 0.08 * hertz : 0.025 * hertz;
}

/** Voltage a hold-up capacitor loses while the pulse is off: `dV = I t_off / C`. */
export function sagOf({
	amperes,
	secondsOff,
	farads
}: {
	amperes: number;
	secondsOff: number;
	farads: number;
}): number {
	return (amperes * secondsOff) / farads;
}

/** What an LED makes of the feed of its channel. A filament is too slow to show pulses. */
export function flickerOf(
	channel: Channel,
	functions: readonly FunctionId[],
	led: { startUp: number | undefined; amperes: number; farads: number | null; volts: number; turnOn: number }
): Flicker {
	const { feed } = channel;
	if (feed?.kind === 'steady') return STEADY;
	if (!feed) return UNKNOWN;
	const duties = functions.flatMap((fn) => feed.duty?.[fn] ?? []);
	const duty = duties.length > 0 ? Math.max(...duties) : undefined;
	if (duty === 1) return STEADY;
	if (duty === undefined || feed.frequency === undefined) return UNKNOWN;
	const limit = lowRiskLimit(feed.frequency);
	const secondsOff = (1 - duty) / feed.frequency;
	if (led.farads !== null) {
		const left = led.volts - sagOf({ amperes: led.amperes, secondsOff, farads: led.farads });
		// A driver of constant power holds its light while it has voltage enough.
		if (left >= led.turnOn) return { word: 'low-risk', modulation: 0, limit };
	} else if (led.startUp !== undefined && duty / feed.frequency < led.startUp)
		return { word: 'drops-out', modulation: 100, limit };
	return { word: limit >= 100 ? 'low-risk' : 'strobes', modulation: 100, limit };
}

/** Capacitance that holds a load through the off-time with a loss of `sag` V: `C = I t_off / dV`, F. */
export function holdUpCapacitance({
	amperes,
	secondsOff,
	sag
}: {
	amperes: number;
	secondsOff: number;
	sag: number;
}): number {
	return (amperes * secondsOff) / sag;
}
