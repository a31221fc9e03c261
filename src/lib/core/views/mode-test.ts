import { MODES, simulate, type ModeId, type VehicleCircuit } from '../circuit';
import { RIGHT_RATE, type ExpectedLine } from '../proof';
import { socketName } from '../vehicle';
import { playMode } from './play';

/** What a lamp is expected to show in a mode. */
export interface ExpectedLamp {
	socket: string;
	name: string;
	colour: string;
	/** Its light in words. */
	words: string;
}

/** A line of a mode test as a person reads it. */
export interface ModeLineView {
	mode: ModeId;
	label: string;
	/** What to switch on. */
	todo: string;
	lamps: ExpectedLamp[];
	/** What nobody can say beforehand, in words. */
	open: string[];
	/** What the dash should say; empty when it should stay quiet. */
	messages: string[];
	/** Rate in words; null where nothing flashes. */
	rate: string | null;
	flashes: boolean;
}

const todoWords = ({ mode, label }: ExpectedLine): string =>
	mode === 'off' ? 'Everything off, key out, in the dark' : `Switch on: ${label.toLowerCase()}`;

/** A line of a test in words, lamps in the light they should show. */
export function modeLineView(circuit: VehicleCircuit, line: ExpectedLine): ModeLineView {
	const { configuration } = circuit;
	const play = playMode(configuration, simulate(circuit, MODES[line.mode]));
	const shown = new Set(line.mode === 'off' ? line.glowing : [...line.lit, ...line.glowing]);
	const names = new Map(configuration.sockets.map((socket) => [socket.id as string, socketName(socket)]));
	const channel = (id: string) => configuration.channels.find((one) => one.id === id);
	return {
		mode: line.mode,
		label: line.label,
		todo: todoWords(line),
		lamps: configuration.sockets.flatMap((socket): ExpectedLamp[] => {
			const { colour, words } = play.get(socket.id) ?? { colour: null, words: '' };
			return shown.has(socket.id)
				? [{ socket: socket.id, name: names.get(socket.id) ?? socket.id, colour: colour ?? '#ffffff', words }]
				: [];
		}),
		open: [
			...line.notKnown.map((id) => `whether ${(names.get(id) ?? id).toLowerCase()} lights`),
			...line.undecided.map((id) => `whether “${channel(id)?.message ?? 'a message'}” comes`)
		],
		messages: line.messages,
		rate:
			line.flashPerMinute === null
				? line.flashing.length > 0
					? `${RIGHT_RATE.least} to ${RIGHT_RATE.most} a minute is right`
					: null
				: `about ${Math.round(line.flashPerMinute)} a minute; ${RIGHT_RATE.least} to ${RIGHT_RATE.most} is right`,
		flashes: line.flashing.length > 0
	};
}
