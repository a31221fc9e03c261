import type { LampCategory } from '../category';
import { bayonetCap } from './pins';

/** One piece of a drawn lamp, in mm from the foot (x) and from the middle line (y). */
export interface OutlinePart {
	what: 'glass' | 'metal' | 'base' | 'pin' | 'contact';
	/** SVG path, mm. */
	path: string;
}

/** A lamp from the side, drawn from its data: to scale over all and across; details of the base are schematic. */
export interface LampOutline {
	/** Over all, and across the widest part, mm. */
	length: number;
	across: number;
	parts: OutlinePart[];
	/** Distance of the light centre from the seat where it is known and the seat is drawn, mm from the foot. */
	lightCentre: number | null;
	/** False where length or width is not in the table, and a usual one is drawn. */
	isToScale: boolean;
}

/** What is drawn where the table has no size, mm. An estimate. */
const USUAL = { flange: [60, 13], bayonet: [40, 19], wedge: [27, 10], festoon: [36, 10] } as const;

const box = ([x, y]: readonly [number, number], [width, height]: readonly [number, number]) =>
	`M${x} ${y}h${width}v${height}h${-width}z`;
/** A body of glass with a round tip, from the foot side to the end. */
const tipped = (from: number, to: number, across: number) => {
	const half = across / 2;
	const straight = Math.max(from, to - half);
	return `M${from} ${-half}H${straight}A${to - straight} ${half} 0 0 1 ${straight} ${half}H${from}z`;
};

function bayonet(category: LampCategory, length: number, across: number): OutlinePart[] {
	const cap = bayonetCap(category.caps[0] ?? '');
	const capAcross = Math.min(cap?.across ?? 15, across + 6);
	const capLength = Math.min(capAcross + 2, length / 2);
	const pinAt = capLength * 0.5;
	const lower = cap?.pins.height === 'offset' ? pinAt - 3 : pinAt;
	const contacts =
		cap?.contacts === 2
			? [box([-1, -capAcross / 4 - 1.5], [1.5, 3]), box([-1, capAcross / 4 - 1.5], [1.5, 3])]
			: [box([-1, -2], [1.5, 4])];
	return [
		{ what: 'glass', path: tipped(capLength - 1, length, across) },
		{ what: 'metal', path: box([0, -capAcross / 2], [capLength, capAcross]) },
		{ what: 'pin', path: box([pinAt - 1, -capAcross / 2 - 1.8], [2, 1.8]) },
		{ what: 'pin', path: box([lower - 1, capAcross / 2], [2, 1.8]) },
		...contacts.map((path): OutlinePart => ({ what: 'contact', path }))
	];
}

function wedge(length: number, across: number): OutlinePart[] {
	const foot = length * 0.32;
	return [
		{ what: 'glass', path: tipped(foot - 1, length, across) },
		{ what: 'base', path: box([0, -across * 0.42], [foot, across * 0.84]) },
		{ what: 'contact', path: box([foot * 0.2, -across * 0.42 - 0.7], [foot * 0.5, 0.7]) },
		{ what: 'contact', path: box([foot * 0.2, across * 0.42], [foot * 0.5, 0.7]) }
	];
}

function festoon(length: number, across: number): OutlinePart[] {
	const cap = Math.min(8, length / 4);
	const end = (x: number, way: 1 | -1) => `M${x} 0L${x + way * 3} ${-3.6}H${x + way * cap}V3.6H${x + way * 3}z`;
	return [
		{ what: 'glass', path: `M${cap - 1} ${-across / 2}h${length - 2 * cap + 2}v${across}h${-(length - 2 * cap + 2)}z` },
		{ what: 'metal', path: end(0, 1) },
		{ what: 'metal', path: end(length, -1) }
	];
}

const SEAT_SHARE = 0.4;
function flange(length: number, across: number, seat: number): OutlinePart[] {
	const plate = Math.max(across * 1.6, 18);
	return [
		{ what: 'glass', path: tipped(seat, length, across) },
		{ what: 'metal', path: box([seat - 2, -plate / 2], [2, plate]) },
		{ what: 'base', path: box([seat * 0.35, -across * 0.6], [seat * 0.65 - 2, across * 1.2]) },
		{ what: 'contact', path: box([0, -across * 0.35], [seat * 0.35, 1.6]) },
		{ what: 'contact', path: box([0, across * 0.35 - 1.6], [seat * 0.35, 1.6]) }
	];
}

/** The lamp of a category from the side, from its table: how it is held, its cap, length, width and light centre. */
export function lampOutline(category: LampCategory): LampOutline {
	const [usualLength, usualAcross] = USUAL[category.mount];
	const length = category.length ?? usualLength;
	const across = category.diameter ?? usualAcross;
	// The glass ahead of the seat is longer than the light centre lies; what is left stands behind it.
	const seat = Math.min(length * SEAT_SHARE, Math.max(8, length - (category.lightCentre?.mm ?? length) * 1.5));
	const draw = {
		bayonet: () => bayonet(category, length, across),
		wedge: () => wedge(length, across),
		festoon: () => festoon(length, across),
		flange: () => flange(length, across, seat)
	};
	return {
		length,
		across,
		parts: draw[category.mount](),
		lightCentre: category.mount === 'flange' && category.lightCentre ? seat + category.lightCentre.mm : null,
		isToScale: category.length !== undefined && category.diameter !== undefined
	};
}
