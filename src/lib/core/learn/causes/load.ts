import type { CircuitEffect, FittedPart } from '../../circuit';
import type { Simulations } from '../scene/simulations';
import { asItIs, atChannel, withPart, type Cause, type CausePlace } from './cause';
import { complainingAsRecorded } from './complaining';

type Load = FittedPart & { effect: Extract<CircuitEffect, { kind: 'load' }>; channel: string };

const loadsIn = ({ scene: { fitted } }: Simulations): Load[] =>
	fitted.parts.filter((part): part is Load => part.effect?.kind === 'load' && part.channel !== undefined);

/** A flasher counts each side by itself: where both want a load, neither has one. */
function onBothSides({ scene: { configuration } }: Simulations, without: readonly string[]): CausePlace[] {
	const counted = configuration.channels.filter(
		({ id, monitor }) => without.includes(id) && monitor?.kind === 'flasher'
	);
	const [first, ...more] = counted.map(({ id }) => id as string);
	if (first === undefined || more.length === 0) return [];
	return [{ ...asItIs(atChannel(first)), touched: { sockets: [], channels: [first, ...more] } }];
}

/** A load that the kit has is not in, or an output that wants one has none. */
export const loadMissing: Cause = {
	id: 'load-missing',
	label: 'load missing',
	rate: 1.2,
	also: { 'message-now-and-then': 0.2 },
	remedy: { kind: 'part', words: 'Fit the load: bare metal, away from plastic and wire.' },
	look: {
		question: 'Is there no load connected to {place}?',
		how: 'Follow the wires from the lamp, or measure the output against earth with the lamps out.',
		minutes: 4
	},
	places: (simulations) => {
		const loads = loadsIn(simulations);
		const has = new Set(loads.map(({ channel }) => channel));
		const want = complainingAsRecorded(simulations).map(({ id }) => id);
		const without = want.filter((id) => !has.has(id));
		return [
			...loads.map((load) => atChannel(load.channel, withPart(load, null))),
			...without.map((id) => asItIs(atChannel(id))),
			...onBothSides(simulations, without)
		];
	}
};

/** Outputs somebody may have taken for the right one: those that come to the same sockets, and those of the other lamps beside them. */
function mistakenFor({ scene: { configuration } }: Simulations, { channel }: Load): string[] {
	const socketsOf = (id: string) =>
		configuration.channels.find((one) => one.id === id)?.feeds.map((f) => f.socket) ?? [];
	const own = new Set<string>(socketsOf(channel));
	const places = new Set(
		configuration.sockets.filter(({ id }) => own.has(id)).map(({ zone, side }) => `${zone} ${side}`)
	);
	const beside = new Set<string>(
		configuration.sockets.filter(({ zone, side }) => places.has(`${zone} ${side}`)).map(({ id }) => id)
	);
	return configuration.channels
		.filter(({ id, feeds }) => id !== channel && feeds.some(({ socket }) => beside.has(socket)))
		.map(({ id }) => id as string)
		.slice(0, 4);
}

/** A load sits on another output than it should. */
export const loadOnWrongOutput: Cause = {
	id: 'load-on-wrong-output',
	label: 'load on the wrong output',
	rate: 0.5,
	remedy: { kind: 'step', words: 'Move the load to the output that complains.' },
	look: {
		question: 'Is the load that belongs to {place} connected to another wire?',
		how: 'Function on: the tapped wire has to be live with it and with nothing else.',
		minutes: 4
	},
	places: (simulations) =>
		loadsIn(simulations).flatMap((load): CausePlace[] => {
			const others = mistakenFor(simulations, load);
			if (others.length === 0) return [];
			return [
				{
					channel: load.channel,
					variants: others.map((channel) => withPart(load, { ...load, channel })),
					touched: { sockets: [], channels: [load.channel, ...others] }
				}
			];
		})
};

const WEAKER = [2, 4];

/** A load of more ohms than the kit says. */
export const loadTooWeak: Cause = {
	id: 'load-too-weak',
	label: 'load too weak',
	rate: 0.6,
	remedy: { kind: 'part', words: 'Fit the load the kit says; two of twice the ohms side by side are one.' },
	look: {
		question: 'Do the ohms printed on the load of {place} differ from those of the kit?',
		how: 'Read the print, or measure it cold with one end off.',
		minutes: 3
	},
	places: (simulations) =>
		loadsIn(simulations).map((load) =>
			atChannel(
				load.channel,
				...WEAKER.map((times) => withPart(load, { ...load, effect: { kind: 'load', ohms: load.effect.ohms * times } }))
			)
		)
};
