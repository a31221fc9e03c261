import { withFault } from '../scene/bench';
import type { Cause, CausePlace } from './cause';

/** A wire is broken, or a plug is not home. */
export const circuitOpen: Cause = {
	id: 'circuit-open',
	label: 'broken wire or plug not home',
	rate: 0.2,
	comesAndGoes: true,
	also: { flicker: 0.15 },
	remedy: { kind: 'step', words: 'Find the break between output and lamp: plug, crimp, wire at a hinge.' },
	look: {
		question: 'Is there no voltage at the plug of {place} while its function is on?',
		how: 'Lamp out, function on: test lamp between feed contact and a clean earth.',
		minutes: 4,
		yesFor: ['circuit-short']
	},
	places: ({ scene: { configuration } }) =>
		configuration.channels.flatMap(({ id: channel, feeds }): CausePlace[] => {
			const sockets = [...new Set<string>(feeds.map(({ socket }) => socket))];
			const whole: CausePlace = {
				channel,
				...(sockets.length === 1 && sockets[0] !== undefined ? { socket: sockets[0] } : {}),
				variants: [withFault({ kind: 'open', channel })],
				touched: { sockets: [], channels: [channel] },
				weight: sockets.length === 1 ? 1 : 0.4
			};
			const branches = sockets.length === 1 ? [] : sockets;
			return [
				whole,
				...branches.map((socket) => ({
					channel,
					socket,
					isLocal: true,
					variants: [withFault({ kind: 'open', channel, socket })],
					touched: { sockets: [socket], channels: [channel] }
				}))
			];
		})
};
