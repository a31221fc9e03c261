import { beamTurn, type Turn } from './collar';
import { isBeam, showsOutside, type LampCategory } from '../lamps';
import type { Product, Socket } from '../model';

/** What a hint is decided by. */
export interface LampAtHand {
	socket: Socket;
	product: Product | null;
	category: LampCategory | null;
	/** True when a cap comes with the kit: it closes the lamp afterwards. */
	hasCap: boolean;
	/** How the lamp is turned in its collar; null where that is no question. */
	turn: Turn | null;
}

type Hint = (at: LampAtHand) => string | null;

const when =
	(applies: (at: LampAtHand) => boolean, text: string): Hint =>
	(at) =>
		applies(at) ? text : null;
const isLed = ({ product }: LampAtHand) => product !== null && product.kind !== 'halogen';
const isAssembly = ({ product }: LampAtHand) => product?.kind === 'assembly';

const RELEASE: Record<NonNullable<Socket['retention']>, string> = {
	twist: 'Turn the holder or lamp anticlockwise by an eighth to a quarter and draw it straight back.',
	'spring-clip':
		'Press the end of the wire clip in and sideways out of its hook, fold it back, draw the lamp straight out.',
	ring: 'Turn the locking ring anticlockwise until its tabs are free, take it off and draw the lamp straight out.',
	push: 'Hold the lamp by its foot and pull straight; wiggle, never snap it over.',
	festoon: 'Bend one contact back a little and lift the lamp out at that end; look that both contacts still spring.',
	screw: 'Undo the screws of the lamp foot, keep them apart, draw the lamp straight out.'
};

const SEAT: Record<NonNullable<Socket['retention']>, string> = {
	twist: 'Push it in level, turn it clockwise and feel it lock; pull back on it, it must not give.',
	'spring-clip':
		'Set the foot flat in its seat, fold the wire clip over it and hook it in on both ends; pull back on it, it must not give.',
	ring: 'Set it flat in its seat, ring over it, turn clockwise until the tabs lock; pull back on it, it must not give.',
	push: 'Push it in straight until it stops; pull back on it, it must not slip.',
	festoon: 'Set one end in its contact and press the other in; the contacts must hold it without play.',
	screw: 'Set the foot flat in its seat and do the screws up evenly, snug and no more.'
};

/** What a hand does at a lamp, in the order it does it. A new hint is an entry here. */
export const LAMP_HINTS: readonly Hint[] = [
	({ socket: { orientation } }) =>
		orientation === undefined
			? 'Before anything moves, photograph how holder, plug and cap stand: everything goes back the same way round.'
			: `How the holder stands: ${orientation}. It goes back the same way round; photograph it, with plug and cap.`,
	when(
		({ socket }) => socket.cap?.kind === 'stock-sealed',
		'Take the sealed cap off and look that its seal stays in its groove.'
	),
	when(
		({ socket }) => socket.cap?.kind === 'boot',
		'Roll the rubber boot back from its edge; do not pull it by its tongue.'
	),
	when(
		(at) => !isAssembly(at) && at.category?.mount !== 'festoon',
		'Pinch the latch of the plug, pull at the plug and not at the wires.'
	),
	({ socket: { retention } }) =>
		retention === undefined
			? 'Find out how the lamp is held before pulling: turn, clip, ring, push or screw.'
			: RELEASE[retention],
	when(({ product }) => product !== null, 'Keep the old lamp: it is the way back.'),
	when(
		({ product, socket }) => product?.collar === 'removable' && socket.retention === 'ring',
		'Take the collar off the new lamp and set it into the lamp unit first, locked by the ring; the lamp goes into it afterwards.'
	),
	({ turn }) => turn && turn.words,
	when(isLed, 'Hold the new lamp by its foot; wipe prints off emitters and glass with alcohol and let it dry.'),
	when(
		(at) => at.product?.kind === 'halogen',
		'Hold the new lamp by its foot; fingerprints on the glass are wiped off with alcohol.'
	),
	when(
		(at) => isLed(at) && !isAssembly(at) && showsOutside(at.socket.functions),
		'A little contact grease on the contacts; none on lens, mirror or emitters.'
	),
	({ socket: { retention }, product }) =>
		product === null || retention === undefined || product.kind === 'assembly' ? null : SEAT[retention],
	when(
		(at) => isLed(at) && !isAssembly(at) && at.product?.polarity !== 'free' && turnsOver(at.category),
		'Dark when switched on: take it out and turn it by 180 degrees; it has a plus and a minus.'
	),
	when(
		(at) => isLed(at) && at.product?.polarity === 'sensitive' && !turnsOver(at.category) && !isAssembly(at),
		'It has a plus and a minus and cannot be turned over: dark when switched on means this socket is wired the other way; do not force it.'
	),
	({ product }) =>
		product?.driver?.where === 'inline'
			? `Find its driver${driverSize(product)} a dry place on metal: clean with alcohol before tape, tie it to the chassis, away from hose, hot parts and other wires; never loose in the lamp unit.`
			: null,
	when(
		({ product }) => product?.cooling === 'fan',
		'Its fan stays free: nothing may touch it, and the cap must not press on it.'
	),
	when(
		({ product }) => product?.cooling === 'strap',
		'Spread its cooling straps apart before the cap closes; they must not touch each other or a wire.'
	),
	when(
		({ socket, hasCap }) => !hasCap && socket.cap !== undefined && socket.cap.kind !== 'none',
		'Close the cap without force and look that its seal lies all the way round; a vent stays open. Nothing is left loose inside.'
	),
	when(
		({ socket, product }) => product !== null && isBeam(socket.functions),
		'The beam is judged on the wall before the road: cut-off level, nothing above it.'
	)
];

/** True for a lamp that goes in either way round. */
function turnsOver(category: LampCategory | null): boolean {
	return category === null || category.mount === 'wedge' || category.mount === 'festoon';
}

const driverSize = ({ driver }: Product) => (driver?.size ? ` (${driver.size.join(' x ')} mm)` : '');

/** What a hand does at a lamp, step by step. */
export function lampHand(at: Omit<LampAtHand, 'turn'>): string[] {
	const full = { ...at, turn: beamTurn(at) };
	return LAMP_HINTS.flatMap((hint) => hint(full) ?? []);
}
