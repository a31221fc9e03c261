import { decimal } from '../../quantity';
import type { Aim } from './drop';

/** How a beam that was measured stands to its rule. */
export interface AimReading {
	/** Under lamp height, mm, and as percent of the distance. */
	drop: number;
	percent: number;
	/** True when it is inside what the rule allows: the range to set it to, or what it may be in use where that is all there is. */
	isWithin: boolean;
	/** mm it has to move, upwards positive, to come to its aim. */
	move: number;
	words: string;
}

/** Holds where a cut-off stands against its aim. @param drop mm under lamp height, downwards positive */
export function readAim(aim: Aim, drop: number, distance: number): AimReading {
	const { dropMin, dropMax } = aim;
	const isWithin = drop >= dropMin - TAPE_MM && drop <= dropMax + TAPE_MM;
	const move = drop - aim.drop;
	const percent = drop / (distance * 10);
	const stands = `${decimal(Math.abs(percent), 2)} % ${percent >= 0 ? 'down' : 'up'}`;
	const todo = `${move > 0 ? 'raise' : 'lower'} it by ${decimal(Math.abs(move), 0)} mm`;
	return {
		drop,
		percent,
		isWithin,
		move,
		words: isWithin
			? `${stands}: inside its range`
			: `${stands}: too ${drop < dropMin ? 'high, it dazzles' : 'low, it shortens the view'}; ${todo}`
	};
}

/** A tape on a wall is no nearer than this, mm. */
const TAPE_MM = 1;
