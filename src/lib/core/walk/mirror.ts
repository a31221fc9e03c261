import { type Configuration, type Socket, factsWithEvidence } from '../model';
import { edited, type Edit, type Witness } from '../record';
import { err } from '../result';
import { compareStrength, groupName, liveEvidence, twinKey, valueAt } from '../vehicle';
import { withFacts } from './add';
import { freeSocketId } from './socket-id';

/** Facts that a mirror image does not share: how a key stands is chiral, and lamps are not made in pairs. */
const NOT_MIRRORED: ReadonlySet<string> = new Set(['keyAngle', 'envelope.entry']);

/** The facts of a socket by path, leaving out those named. */
export function factsOf(socket: Socket, leaveOut: ReadonlySet<string> = new Set()): Record<string, unknown> {
	const paths = Object.keys(factsWithEvidence('socket')).filter((path) => !leaveOut.has(path));
	return Object.fromEntries(
		paths.flatMap((path) => {
			const value = valueAt(socket, path);
			return value === undefined ? [] : [[path, value]];
		})
	);
}

function mirrored(socket: Socket, configuration: Configuration, witness: Omit<Witness, 'source'>): Socket {
	const side = socket.side === 'left' ? 'right' : 'left';
	const taken = new Set<string>(configuration.sockets.map((s) => s.id));
	const id = freeSocketId({ functions: socket.functions, zone: socket.zone, side, index: socket.index }, taken);
	const { zone, index, functions, names, state } = socket;
	const bare = { id, zone, side, index, functions, ...(names ? { names } : {}), state } satisfies Socket;
	const [best] = Object.keys(factsWithEvidence('socket'))
		.flatMap((fact) => liveEvidence(socket.evidence, fact))
		.sort(compareStrength);
	const note = `mirrored from ${socket.id}${best ? `, there ${best.source}` : ''}`;
	return withFacts(bare as Socket, factsOf(socket, NOT_MIRRORED), { ...witness, source: 'assumed', note });
}

/**
 * Gives every socket of one side that has no twin its mirror image on the other. The copies are assumed, never measured,
 * and leave out what is not the same in a mirror.
 */
export function mirrorAll(witness: Omit<Witness, 'source'>): Edit {
	return (configuration) => {
		const has = (socket: Socket, side: Socket['side']) =>
			configuration.sockets.some((s) => s.side === side && twinKey(s) === twinKey(socket));
		const alone = configuration.sockets.filter(
			(s) => s.side !== 'centre' && !has(s, s.side === 'left' ? 'right' : 'left')
		);
		if (alone.length === 0) return err('Every socket on the left or right already has its twin.');
		let next = configuration;
		for (const socket of alone) next = { ...next, sockets: [...next.sockets, mirrored(socket, next, witness)] };
		const names = alone.map((s) => groupName([s])).join('; ');
		return edited(next, `Mirrored: ${names}`);
	};
}
