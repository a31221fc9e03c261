import { MODE_IDS, STOCK, type Fault, type Fitted, type FittedPart } from '../../src/lib/core/circuit';
import { unitsOf } from '../../src/lib/core/learn/causes/poor-earth';
import type { Configuration, Socket } from '../../src/lib/core/model';
import { allModes } from './all-modes';
import type { LeftFine } from './left-fine';

type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)] as T;

/** What is wrong with a vehicle, and how it is meant to be called. */
export interface Truth {
	cause: string;
	socket: string | null;
	channel: string | null;
	configuration: Configuration;
	fitted: Fitted;
	/** When it is warm, where that differs. */
	warm?: Fitted;
}

const logarithmic = (least: number, most: number, random: Random) => least * (most / least) ** random();

/** Something goes wrong with a vehicle; null where it cannot. Written apart from the causes it is to be found by. */
export function goWrong({ configuration, fitted, products }: LeftFine, random: Random): Truth | null {
	const fault = (one: Fault): Fitted => ({ ...fitted, faults: [one] });
	const leds = configuration.sockets.filter(({ id }) => fitted.lamps.has(id));
	const productIn = ({ id }: Socket) => {
		const lamp = fitted.lamps.get(id);
		return lamp?.kind === 'product' ? lamp.product : null;
	};
	const base = { configuration, fitted, socket: null, channel: null };
	const at = (
		cause: string,
		socket: Socket | undefined,
		kind: 'reversed' | 'crossed' | 'load-gone' | 'driver-dead' | 'out'
	) => (socket ? { ...base, cause, socket: socket.id as string, fitted: fault({ kind, socket: socket.id }) } : null);
	const some = <T>(list: readonly T[]): T | undefined => (list.length === 0 ? undefined : pick(list, random));
	const loads = fitted.parts.filter(({ effect }) => effect?.kind === 'load');
	const without = (part: FittedPart, to: FittedPart[] = []) => ({
		...fitted,
		parts: fitted.parts.flatMap((one) => (one === part ? to : one))
	});
	const kinds: (() => Truth | null)[] = [
		() => at('lamp-turned-round', some(leds.filter((s) => productIn(s)?.polarity !== 'free')), 'reversed'),
		() => at('crossed-wiring', some(leds.filter((s) => s.category === 'W21/5W')), 'crossed'),
		() => at('driver-dead', some(leds), 'driver-dead'),
		() => at('lamp-out', some(configuration.sockets.filter(({ id }) => !fitted.lamps.has(id))), 'out'),
		() => {
			const channel = some(configuration.channels.filter(({ feeds }) => feeds.length > 0));
			const sockets = [...new Set(channel?.feeds.map((f) => f.socket as string))];
			if (!channel) return null;
			const socket = sockets.length === 1 ? (sockets[0] as string) : (some([null, ...sockets]) ?? null);
			const branch = sockets.length > 1 && socket !== null ? { socket } : {};
			return {
				...base,
				cause: 'circuit-open',
				socket,
				channel: channel.id,
				fitted: fault({ kind: 'open', channel: channel.id, ...branch })
			};
		},
		() => {
			const channel = some(configuration.channels);
			return channel
				? {
						...base,
						cause: 'circuit-short',
						channel: channel.id,
						fitted: fault({ kind: 'short', channel: channel.id })
					}
				: null;
		},
		() => {
			const unit = some(unitsOf(configuration.sockets));
			if (!unit) return null;
			const sockets = unit.map(({ id }) => id as string);
			return {
				...base,
				cause: 'poor-earth',
				socket: sockets[0] as string,
				fitted: fault({ kind: 'unit-earth', sockets, ohms: logarithmic(1, 2000, random) })
			};
		},
		() => {
			const socket = some(configuration.sockets);
			return socket
				? {
						...base,
						cause: 'corroded-contact',
						socket: socket.id,
						fitted: fault({ kind: 'contact', socket: socket.id, ohms: logarithmic(1, 200, random) })
					}
				: null;
		},
		() => {
			const part = some(loads);
			return part ? { ...base, cause: 'load-missing', channel: part.channel ?? null, fitted: without(part) } : null;
		},
		() => {
			const part = some(loads);
			const beside = configuration.sockets.filter(({ id }) =>
				configuration.channels.find((c) => c.id === part?.channel)?.feeds.some((f) => f.socket === id)
			);
			const near = configuration.channels.filter(
				({ id, feeds }) =>
					id !== part?.channel &&
					feeds.some(({ socket }) => {
						const other = configuration.sockets.find((s) => s.id === socket);
						return beside.some(({ zone, side }) => other?.zone === zone && other.side === side);
					})
			);
			const to = some(near);
			return part && to
				? {
						...base,
						cause: 'load-on-wrong-output',
						channel: part.channel ?? null,
						fitted: without(part, [{ ...part, channel: to.id }])
					}
				: null;
		},
		() => {
			const part = some(loads);
			if (part?.effect?.kind !== 'load') return null;
			const effect = { kind: 'load' as const, ohms: part.effect.ohms * (2 + 3 * random()) };
			return {
				...base,
				cause: 'load-too-weak',
				channel: part.channel ?? null,
				fitted: without(part, [{ ...part, effect }])
			};
		},
		() => {
			const part = some(fitted.parts.filter(({ effect }) => effect?.kind === 'smoothing'));
			return part ? { ...base, cause: 'module-missing', socket: part.socket ?? null, fitted: without(part) } : null;
		},
		() => {
			const part = some(fitted.parts.filter(({ effect }) => effect?.kind === 'steady-flasher'));
			const turn = configuration.channels.find(({ feeds }) => feeds.some((f) => f.function === 'turn'));
			return part && turn ? { ...base, cause: 'old-flasher', channel: turn.id, fitted: without(part) } : null;
		},
		() => {
			const hot = some(
				configuration.channels.filter(
					({ monitor, feeds }) => monitor?.kind === 'hot' && feeds.some((f) => fitted.lamps.has(f.socket))
				)
			);
			if (!hot) return null;
			const stock = Math.max(
				...MODE_IDS.map(
					(mode) => allModes(configuration, STOCK)(mode).channels.find((c) => c.id === hot.id)?.current ?? 0
				)
			);
			const minCurrent = (0.35 + 0.55 * random()) * stock;
			if (minCurrent < 0.55) return null;
			const channels = configuration.channels.map((c) =>
				c.id === hot.id ? { ...c, monitor: { kind: 'hot', minCurrent } } : c
			);
			return {
				...base,
				cause: 'threshold-differs',
				channel: hot.id,
				configuration: { ...configuration, channels } as Configuration
			};
		},
		() => {
			const socket = some(leds.filter((s) => (productIn(s)?.builtInLoad ?? 0) > 0));
			const truth = at('built-in-load-gone', socket, 'load-gone');
			return truth && random() < 0.6 ? { ...truth, fitted, warm: truth.fitted } : truth;
		},
		() => {
			const socket = some(leds);
			const other = products.find(
				({ id, fits }) => fits[0] === socket?.category && id !== (socket && productIn(socket)?.id)
			);
			if (!socket || !other) return null;
			const lamps = new Map(fitted.lamps).set(socket.id, { kind: 'product', product: other });
			return { ...base, cause: 'other-lamp', socket: socket.id, fitted: { ...fitted, lamps } };
		}
	];
	return pick(kinds, random)();
}
