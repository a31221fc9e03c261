import { resolve } from '$app/paths';
import { TOUR } from '$lib/core/practice/tour';

/** The address of a step of the tour; of Practice itself after the last one. */
export function tourAddress(step: number): string {
	const key = TOUR[step];
	if (!key) return resolve('/practice');
	const { kind, seed, level } = key;
	return `${resolve('/practice/[kind]/[seed]/[level]', { kind, seed: String(seed), level: String(level) })}?tour=${step}`;
}

/** Which step of the tour an address is; null for an exercise of its own. */
export function tourStep(asked: URLSearchParams): number | null {
	const step = Number(asked.get('tour') ?? 'none');
	return Number.isInteger(step) && step >= 0 && step < TOUR.length ? step : null;
}

export const TOUR_LENGTH = TOUR.length;
