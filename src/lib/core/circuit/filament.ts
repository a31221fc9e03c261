import { VOLTS_NOMINAL } from '../quantity';

/**
 * Current of a hot filament, A: `(P/V0) (V/V0)^0.55`.
 * @example filamentCurrent({ watts: 21, ratedVolts: 12 }) // about 1.87 at 13.5 V
 */
export function filamentCurrent(lamp: { watts: number; ratedVolts: number; volts?: number }): number {
	const { watts, ratedVolts, volts = VOLTS_NOMINAL } = lamp;
	return (watts / ratedVolts) * (volts / ratedVolts) ** 0.55;
}
