import { err, ok, type Result } from '../../result';

/** A reading of a light meter on a wall square to the beam. */
export interface LuxReading {
	/** What the meter says, lx. */
	lux: number;
	/** From the lamp to the wall, m. */
	distance: number;
	/** What it says with the lamp off, lx. */
	ambient?: number | undefined;
}

/** A reading as light of the lamp alone. */
export interface LampLight {
	/** The reading less the ambient, lx. */
	lux: number;
	/** Luminous intensity, cd. */
	candela: number;
}

/** Under this distance the inverse square does not hold for a headlamp, m: it wants 5 to 10 times the lit area and what lies beyond the crossing of the optics. */
export const NEAR_M = 3;
const FARTHEST_M = 100;

/**
 * Luminous intensity of a lamp from a reading: `I = (E - E_ambient) x d^2`, in cd.
 * @returns why a reading says nothing: no distance, or less light than with the lamp off
 * @example lampLight({ lux: 30, distance: 5 }) // { lux: 30, candela: 750 }
 */
export function lampLight({ lux, distance, ambient = 0 }: LuxReading): Result<LampLight, string> {
	if (!Number.isFinite(distance) || distance <= 0)
		return err('The distance to the wall must be more than 0 m: without it a reading in lux says nothing of the lamp.');
	if (distance > FARTHEST_M) return err(`A wall ${distance} m away is not credible: at most ${FARTHEST_M} m.`);
	if (!Number.isFinite(lux) || lux < 0) return err('A reading of light must be 0 lx or more.');
	if (!Number.isFinite(ambient) || ambient < 0) return err('The ambient light must be 0 lx or more.');
	if (ambient > lux)
		return err(
			`The ambient light (${ambient} lx) is more than the reading (${lux} lx): one of them is wrong, or they were swapped.`
		);
	const net = lux - ambient;
	return ok({ lux: net, candela: net * distance * distance });
}

/**
 * Distance from which a lamp throws so much light on an upright object, m: `d = sqrt(I / E)`.
 * @example seeingDistance(30_000, 3) // 100
 */
export const seeingDistance = (candela: number, lux: number): number => Math.sqrt(candela / lux);

/** Light on an upright object by which most drivers see somebody in dark clothes, lx. */
export const SEEN_AT_LUX = 3;
