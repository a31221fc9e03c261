import type { Chance } from '../chance';
import { isRealName } from './real-names';

const BEGINNINGS = ['Bran', 'Corv', 'Dunn', 'Eld', 'Fal', 'Gri', 'Hav', 'Ister', 'Jor', 'Kell', 'Lund', 'Mar', 'Nor'];
const ENDINGS = ['ane', 'beck', 'dal', 'eby', 'fold', 'garth', 'holm', 'ick', 'ling', 'mere', 'ow', 'stad', 'wick'];
const MODELS = ['Al', 'Bo', 'Ca', 'Du', 'Fe', 'Gu', 'Ho', 'Jo', 'Ki', 'Lo', 'Mu', 'Ny', 'Pi', 'Ro', 'Sa', 'Tu', 'Ve'];
const MIDDLES = ['br', 'ck', 'dd', 'l', 'mm', 'nd', 'rl', 'sk', 'st', 'tt', 'v'];
const LAST = ['a', 'er', 'et', 'in', 'is', 'o', 'on', 'us', 'y'];
const TRIES = 50;

/** A word from syllables that is no real name. @throws Error when no such word is found, which the lists rule out */
function invented(draw: () => string): string {
	for (let i = 0; i < TRIES; i++) {
		const name = draw();
		if (!isRealName(name)) return name;
	}
	throw new Error('no name was found that nobody has');
}

/** The name of a maker that does not exist. */
export const makerName = (chance: Chance): string => invented(() => chance.pick(BEGINNINGS) + chance.pick(ENDINGS));

/** The name of a model that does not exist. */
export const modelName = (chance: Chance): string =>
	invented(() => chance.pick(MODELS) + chance.pick(MIDDLES) + chance.pick(LAST));
