import { type Socket, factOf, factsWithEvidence } from '../model';
import { confirmationOf, valueAt, type Confirmation } from '../vehicle';
import { isPlainFilament } from './recorded';

/** The facts of a socket that a match stands on. */
const MATTERS = [
	'category',
	'state',
	'lens',
	'optic',
	'wiring',
	...Object.keys(factsWithEvidence('socket')).filter((f) => f.includes('.'))
];
const WEAKEST: readonly Confirmation[] = ['contested', 'unconfirmed', 'confirmed'];

/** The weakest confirmation among the facts of a socket that a match stands on; null when nothing is known of it. */
export function weakestConfirmation(socket: Socket): Confirmation | null {
	const all = MATTERS.map((fact) =>
		fact === 'state' && socket.state === 'filament' ? null : confirmationOf('socket', socket, fact)
	);
	return WEAKEST.find((confirmation) => all.includes(confirmation)) ?? null;
}

/** What the answers for some sockets stand on and is not certain, in words: facts nobody has confirmed, facts sources disagree on. */
export function doubtsOf(sockets: readonly Socket[]): string[] {
	const named = (wanted: Confirmation) =>
		MATTERS.filter((fact) =>
			sockets.some((s) => !isPlainFilament(fact, valueAt(s, fact)) && confirmationOf('socket', s, fact) === wanted)
		).map((fact) => factOf('socket', fact).label.toLowerCase());
	const [unconfirmed, contested] = [named('unconfirmed'), named('contested')];
	return [
		...(unconfirmed.length > 0 ? [`never confirmed: ${unconfirmed.join(', ')}`] : []),
		...(contested.length > 0 ? [`sources disagree: ${contested.join(', ')}`] : [])
	];
}
