import type { Channel, Configuration } from '../model';
import { categoryOrNull, contactOf } from '../lamps';

/** Above this on-share a pulsed feed only limits the voltage of a filament; below it the share itself says how bright (practice). */
export const MEANINGFUL_DUTY = 0.7;

/** Smoothing helps a feed that is pulsed to limit voltage, and does harm where the on-share carries the brightness. */
export function smoothingHelps(duty: number): boolean {
	return duty >= MEANINGFUL_DUTY;
}

/**
 * True when one contact of a lamp serves two functions of a pulsed output: its on-shares are two brightnesses (tail and stop), which a
 * capacitor would make alike. The order of the feeds says nothing.
 */
export function carriesTwoDuties({ sockets }: Configuration, { feed, feeds }: Channel): boolean {
	if (feed?.kind !== 'pwm') return false;
	const byContact = new Map<string, Set<number | undefined>>();
	const functions = new Map<string, number>();
	for (const { socket: id, function: fn } of feeds) {
		const socket = sockets.find((s) => s.id === id);
		const key = `${id} ${socket ? contactOf(categoryOrNull(socket.category), socket.functions, fn) : ''}`;
		byContact.set(key, (byContact.get(key) ?? new Set()).add(feed.duty?.[fn]));
		functions.set(key, (functions.get(key) ?? 0) + 1);
	}
	// Shares that are said to be equal are one brightness; what nobody wrote down is taken for another one.
	return [...byContact].some(
		([key, duties]) => (functions.get(key) ?? 0) > 1 && (duties.size > 1 || duties.has(undefined))
	);
}
