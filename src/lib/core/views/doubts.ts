import type { Socket } from '../model';
import { FACTS, standingOf, valueAt, type Standing } from '../vehicle';
import { isPlainFilament } from './recorded';

/** The facts of a socket that a match stands on. */
const MATTERS = [
	'category',
	'state',
	'lens',
	'optic',
	'wiring',
	...Object.keys(FACTS.socket).filter((f) => f.includes('.'))
];
const WEAKEST: readonly Standing[] = ['contested', 'unconfirmed', 'confirmed'];

/** The weakest standing among the facts of a socket that a match stands on; null when nothing is known of it. */
export function weakestStanding(socket: Socket): Standing | null {
	const all = MATTERS.map((fact) =>
		fact === 'state' && socket.state === 'filament' ? null : standingOf('socket', socket, fact)
	);
	return WEAKEST.find((standing) => all.includes(standing)) ?? null;
}

/** What the answers for some sockets stand on and is not certain, in words: facts nobody has confirmed, facts sources disagree on. */
export function doubtsOf(sockets: readonly Socket[]): string[] {
	const named = (wanted: Standing) =>
		MATTERS.filter((fact) =>
			sockets.some((s) => !isPlainFilament(fact, valueAt(s, fact)) && standingOf('socket', s, fact) === wanted)
		).map((fact) => FACTS.socket[fact]?.label.toLowerCase() ?? fact);
	const [unconfirmed, contested] = [named('unconfirmed'), named('contested')];
	return [
		...(unconfirmed.length > 0 ? [`never confirmed: ${unconfirmed.join(', ')}`] : []),
		...(contested.length > 0 ? [`sources disagree: ${contested.join(', ')}`] : [])
	];
}
