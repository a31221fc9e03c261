import type { LampState, ModeState } from '../circuit';
import type { Configuration, Socket } from '../model';
import { categoryOrNull, filamentOf, lampFunction } from '../lamps';
import { filamentSource, ledSource, type Source } from '../optics';
import { lensedLight } from './socket';

/** What a socket shows in a mode: the light that leaves its lens, and how it comes and goes. */
export interface Play {
	/** Colour to draw; null when it is dark or not known. */
	colour: string | null;
	/** 0 dark to 1 full. */
	light: number;
	/** Seconds of one flash; null while it is steady. */
	period: number | null;
	strobes: boolean;
	glows: boolean;
	/** The same in words. */
	words: string;
}

function sourceOf(socket: Socket, lamp: LampState): Source | null {
	const { product } = lamp;
	if (!product || product.kind === 'halogen') {
		const category = categoryOrNull(socket.category);
		return category ? filamentSource(category) : null;
	}
	const minor = filamentOf(socket.functions, lamp.function) === 'minor';
	return ledSource(minor && product.minorColour ? product.minorColour : product.colour);
}

/** A sealed or factory-LED unit: its colour is that of its function, as far as anybody knows. */
const USUAL: Record<string, { colour: string; word: string }> = {
	stop: { colour: '#ff1a00', word: 'red' },
	tail: { colour: '#ff1a00', word: 'red' },
	chmsl: { colour: '#ff1a00', word: 'red' },
	'rear-fog': { colour: '#ff1a00', word: 'red' },
	turn: { colour: '#ff8c00', word: 'amber' }
};
const WHITE = { colour: '#ffffff', word: 'white' };

const rateFor = ({ flash }: ModeState, { side }: Socket) =>
	side === 'right' ? flash.right : (flash.left ?? flash.right);

const DARK: Play = { colour: null, light: 0, period: null, strobes: false, glows: false, words: 'dark' };

function playOf(state: ModeState, socket: Socket, lamps: readonly LampState[]): Play {
	if (lamps.some((lamp) => lamp.lit === null))
		return { ...DARK, words: 'not known: the power of what sits there is missing' };
	const lit = lamps.filter((lamp) => lamp.lit).sort((a, b) => b.level - a.level)[0];
	const glow = lamps.find((lamp) => lamp.glow !== 'none');
	const shown = lit ?? glow;
	if (!shown) return DARK;
	const seen = lensedLight(sourceOf(socket, shown), socket) ?? USUAL[shown.function] ?? WHITE;
	if (!lit) return { ...DARK, colour: seen.colour, light: 0.2, glows: true, words: `off, and glows ${seen.word}` };
	const perMinute = lit.flashing ? rateFor(state, socket) : null;
	const strobes = lit.flicker.word === 'strobes';
	const how = [
		`${lampFunction(lit.function).label.toLowerCase()} lit ${seen.word}`,
		perMinute === null ? '' : `flashing ${Math.round(perMinute)} a minute`,
		strobes ? 'strobing' : '',
		lit.level < 0.5 && perMinute === null ? `at ${Math.round(lit.level * 100)} %` : ''
	];
	return {
		colour: seen.colour,
		light: Math.min(1, Math.max(0.35, Math.sqrt(lit.level))),
		period: perMinute === null ? null : 60 / perMinute,
		strobes,
		glows: false,
		words: how.filter(Boolean).join(', ')
	};
}

/** What every socket of a vehicle shows in a mode, by socket id. */
export function playMode(configuration: Configuration, state: ModeState): Map<string, Play> {
	const bySocket = new Map<string, LampState[]>();
	for (const lamp of state.lamps) bySocket.set(lamp.socket, [...(bySocket.get(lamp.socket) ?? []), lamp]);
	return new Map(
		configuration.sockets.map((socket) => [socket.id, playOf(state, socket, bySocket.get(socket.id) ?? [])])
	);
}
