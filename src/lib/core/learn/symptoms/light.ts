import type { LampState, ModeId } from '../../circuit';
import type { Played } from '../scene/simulations';
import { lampsIn, lampsOf, some } from './places';
import type { Look, Symptom } from './symptom';

/** A lamp gives less than this share of its usual light before anybody calls it dim. */
const DIM_BELOW = 0.65;
/** Two levels nearer than this share look alike. */
const ALIKE = 0.2;
/** Modes people tell apart by one lamp. */
const PAIRS: readonly (readonly [ModeId, ModeId])[] = [
	['position', 'brake'],
	['low', 'high'],
	['position', 'drl'],
	['position', 'left-turn'],
	['position', 'right-turn']
];

const key = ({ socket, function: fn }: LampState) => `${socket} ${fn}`;
const usualOf = (lamps: readonly LampState[], { socket, function: fn }: LampState) =>
	lampsOf(lamps, socket).find((lamp) => lamp.function === fn);

const lit = new WeakMap<Played, ReadonlySet<string>>();

function litIn(state: Played): ReadonlySet<string> {
	const known = lit.get(state) ?? new Set(state.lamps.flatMap((lamp) => (lamp.lit === true ? key(lamp) : [])));
	lit.set(state, known);
	return known;
}

/** Lamps of the place that should light in the mode, each with how it does. */
export function asked(look: Look): LampState[] {
	const should = litIn(look.stock(look.mode));
	return lampsIn(look, look.does(look.mode, 'cold').lamps).filter((lamp) => should.has(key(lamp)));
}

const isDark = ({ lit }: LampState): boolean | null => (lit === null ? null : !lit);

function isDim(look: Look): boolean | null {
	const usual = look.recorded(look.mode).lamps;
	return some(
		asked(look).map((lamp) => {
			if (lamp.lit === null) return null;
			const reference = usualOf(usual, lamp)?.level ?? 1;
			return lamp.lit && lamp.level < DIM_BELOW * Math.min(1, reference || 1);
		})
	);
}

/** Most light of a socket in a mode; null where it is not known. */
function lightOf(lamps: readonly LampState[], socket: string): number | null {
	const own = lampsOf(lamps, socket);
	if (own.some(({ lit, fed }) => fed && lit === null)) return null;
	return Math.max(0, ...own.map(({ level }) => level));
}

function isAlike(look: Look): boolean | null {
	const pairs = PAIRS.filter((pair) => pair.includes(look.mode));
	const sockets = [...new Set(lampsIn(look, look.stock(look.mode).lamps).map(({ socket }) => socket))];
	return some(
		pairs.flatMap(([one, other]) =>
			sockets.map((socket) => {
				const at = (state: (mode: ModeId) => Played) =>
					[lightOf(state(one).lamps, socket), lightOf(state(other).lamps, socket)] as const;
				const differs = ([a, b]: readonly [number | null, number | null]) =>
					a === null || b === null ? null : Math.abs(a - b) > ALIKE * Math.max(a, b) && a + b > 0;
				if (differs(at(look.stock)) !== true) return false;
				const now = at((mode) => look.does(mode, 'cold'));
				const apart = differs(now);
				return apart === null ? null : !apart && Math.max(...(now as [number, number])) > 0;
			})
		)
	);
}

/** Sockets of one unit: the same zone and side. */
function oddTogether(look: Look): boolean | null {
	const { configuration, mode } = look;
	const usual = look.recorded(mode).lamps;
	const units = new Map<string, Set<string>>();
	for (const lamp of lampsIn(look, look.does(mode, 'cold').lamps)) {
		const before = usualOf(usual, lamp);
		const odd =
			lamp.lit !== before?.lit ||
			(lamp.glow !== 'none' && before?.glow === 'none') ||
			(lamp.lit === true && lamp.level < DIM_BELOW * (before?.level ?? 1));
		const socket = configuration.sockets.find(({ id }) => id === lamp.socket);
		if (!odd || !socket) continue;
		const unit = `${socket.zone} ${socket.side}`;
		units.set(unit, (units.get(unit) ?? new Set()).add(lamp.socket));
	}
	return [...units.values()].some(({ size }) => size > 1);
}

/** What is seen of lamps. */
export const LIGHT_SYMPTOMS: readonly Symptom[] = [
	{
		id: 'fine',
		label: 'Everything as it should be',
		question: 'Is everything as it should be {place}?',
		group: 'light'
	},
	{
		id: 'not-lit',
		label: 'Does not light',
		question: 'Does {place} stay dark?',
		group: 'light',
		striking: true,
		shows: (look) => some(asked(look).map(isDark))
	},
	{
		id: 'one-dark',
		label: 'One stays dark, the others light',
		question: 'Is one lamp dark while the others light {place}?',
		group: 'light',
		shows: (look) => {
			const lamps = asked(look);
			const wide = asked({ ...look, place: {} });
			const dark = some(lamps.map(isDark));
			return dark === true ? wide.some(({ lit }) => lit === true) : dark;
		}
	},
	{
		id: 'dim',
		label: 'Too dim',
		question: 'Is {place} much dimmer than it should be?',
		group: 'light',
		shows: isDim
	},
	{
		id: 'wrong-lamp',
		label: 'Another lamp lights with it',
		question: 'Does a lamp light that should not {place}?',
		group: 'light',
		shows: (look) =>
			lampsIn(look, look.does(look.mode, 'cold').lamps).some(({ fed, glow }) => !fed && glow === 'back-feed')
	},
	{
		id: 'modes-alike',
		label: 'Two functions look the same',
		question: 'Do two functions look the same {place}?',
		group: 'light',
		modes: ['position', 'brake', 'high'],
		shows: isAlike
	},
	{
		id: 'flicker',
		label: 'Flickers',
		question: 'Does {place} flicker?',
		group: 'light',
		shows: (look) =>
			some(
				asked(look).map(({ flicker: { word } }) =>
					word === 'unknown' ? null : word === 'strobes' || word === 'drops-out'
				)
			)
	},
	{
		id: 'flicker-idle',
		label: 'Flickers at idle only',
		question: 'Does {place} flicker with the engine idling, and not above?',
		group: 'light',
		comesAndGoes: true
	},
	{
		id: 'flicker-dimmed',
		label: 'Flickers when dimmed at night',
		question: 'Does {place} flicker when dimmed?',
		group: 'light',
		shows: (look) =>
			some(
				asked(look).map(({ flicker: { word }, channel }) => {
					const feed = look.configuration.channels.find(({ id }) => id === channel)?.feed;
					if (word === 'unknown') return null;
					return feed?.kind === 'pwm' && (word === 'strobes' || word === 'drops-out');
				})
			)
	},
	{
		id: 'glow',
		label: 'Glows or blinks when off',
		question: 'Does {place} glow or blink while it should be dark?',
		group: 'light',
		modes: ['off', 'position', 'brake'],
		shows: (look) => lampsIn(look, look.does(look.mode, 'cold').lamps).some(({ fed, glow }) => !fed && glow !== 'none')
	},
	{
		id: 'odd-together',
		label: 'All lamps of a unit do odd things together',
		question: 'Do several lamps of one unit change together {place}?',
		group: 'light',
		shows: oddTogether
	}
];
