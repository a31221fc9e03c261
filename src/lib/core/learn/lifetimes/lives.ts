import type { Complaint, FollowUp, SymptomId } from '../../model';
import { DAYS_A_MONTH, daysBetween } from '../../quantity';
import type { Watched } from './kaplan-meier';

/** A lamp that went into a vehicle. */
export interface FittedLampLife {
	fitting: string;
	configuration: string;
	socket: string;
	product: string;
	/** Day it was fitted. */
	on: string;
}

/** How a lamp did: watched so long, months, and how it ended. */
export interface LampLife extends FittedLampLife, Watched {}

/** Symptoms that a lamp does not come back from. */
const ENDS: ReadonlySet<SymptomId | string> = new Set<SymptomId>(['died', 'melting']);
/** Causes by which it was the lamp that ended. */
const LAMP_ENDED: ReadonlySet<string> = new Set([
	'driver-dead',
	'bad-batch',
	'too-hot',
	'built-in-load-gone',
	'fan-worn'
]);

const isThisLamp = (
	{ fitting, configuration, socket, product }: FittedLampLife,
	said: Pick<Complaint, 'fitting' | 'configuration' | 'socket' | 'product'>
): boolean => {
	if (said.socket !== undefined && said.socket !== socket) return false;
	if (said.fitting !== undefined) return said.fitting === fitting;
	return said.socket !== undefined && said.configuration === configuration && said.product === product;
};

/** True for a complaint by which a lamp ended: it died, or was settled as ended. */
function endedBy({ seen = [], socket, cause, state, remedy }: Complaint): boolean {
	// Of a lamp nobody named, nobody knows which of the fitting it was.
	if (socket === undefined) return false;
	if (state === 'unread' || state === 'set-aside') return false;
	if (remedy?.kind === 'not-the-lamp' || remedy?.kind === 'record') return false;
	if (cause !== undefined) return LAMP_ENDED.has(cause);
	return seen.some(({ symptom, absent }) => !absent && ENDS.has(symptom));
}

const months = (from: string, to: string) => Math.max(0, daysBetween(from, to) / DAYS_A_MONTH);

/**
 * How long lamps lived, months: until a complaint by which they ended, or as long as somebody was heard who did not say so. A lamp nobody heard of is
 * not taken for alive.
 */
export function lampLives(
	fitted: readonly FittedLampLife[],
	{ complaints, followUps }: { complaints: readonly Complaint[]; followUps: readonly FollowUp[] }
): LampLife[] {
	const ends = complaints.filter((one) => one.on !== undefined && endedBy(one));
	return fitted.map((lamp): LampLife => {
		const end = ends
			.filter((said) => isThisLamp(lamp, said) && (said.on ?? '') >= lamp.on)
			.map(({ on = '' }) => on)
			.sort()[0];
		if (end !== undefined) return { ...lamp, time: months(lamp.on, end), ended: true };
		const heard = [
			...followUps.filter(({ answer }) => answer !== undefined && answer !== 'no-answer'),
			// Who speaks of one lamp of a fitting would have spoken of the others.
			...complaints.filter(({ socket, state }) => socket !== undefined && socket !== lamp.socket && state !== 'unread')
		];
		const known = heard
			.filter((said) => said.fitting === lamp.fitting || isThisLamp(lamp, said))
			.flatMap(({ on }) => (on !== undefined && on >= lamp.on ? [on] : []))
			.sort()
			.at(-1);
		return { ...lamp, time: known === undefined ? 0 : months(lamp.on, known), ended: false };
	});
}
