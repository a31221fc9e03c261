/** Where the kink of a cut-off stands on a wall, mm: under the height of the lamp, and to the right of the vertical through it. */
export interface OnWall {
	drop: number;
	right: number;
}

/** A headlamp before a wall, with the two adjusters that every headlamp has. Each of them moves the beam a little the other way as well. */
export interface ScrewWall {
	/** Lamp centre over the floor, mm, and from the lamp to the wall, m. */
	height: number;
	distance: number;
	/** Where the kink stands before anything is turned. */
	start: OnWall;
	/** What a quarter turn does. */
	perTurn: { vertical: OnWall; sideways: OnWall };
	/** To which side the cut-off rises, seen from behind the vehicle. */
	rises: 'left' | 'right';
}

/** Quarter turns of the two adjusters. Whole numbers; clockwise is positive. */
export interface Turns {
	vertical: number;
	sideways: number;
}

/** An adjuster has so many quarter turns each way before its end. */
export const MOST_TURNS = 20;

/** Where the kink stands after some turns. */
export const turned = ({ start, perTurn }: ScrewWall, { vertical, sideways }: Turns): OnWall => ({
	drop: start.drop + vertical * perTurn.vertical.drop + sideways * perTurn.sideways.drop,
	right: start.right + vertical * perTurn.vertical.right + sideways * perTurn.sideways.right
});

/** Turns as an answer, and back; null where they are none, or pass the end of an adjuster. */
export const turnsText = ({ vertical, sideways }: Turns): string => `${vertical} ${sideways}`;
export function readTurns(text: string): Turns | null {
	const read = /^(-?\d{1,3}) (-?\d{1,3})$/.exec(text);
	if (!read) return null;
	const [vertical, sideways] = [Number(read[1]), Number(read[2])];
	return Math.max(Math.abs(vertical), Math.abs(sideways)) <= MOST_TURNS ? { vertical, sideways } : null;
}
