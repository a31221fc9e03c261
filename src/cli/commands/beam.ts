import { parseArgs } from 'node:util';
import {
	beamAdvice,
	checkedQuad,
	compareBeams,
	findTargets,
	issueWords,
	workPicture,
	type BeamShot,
	type Quad,
	type ReadPicture
} from '../../lib/core/beam';
import { readPicture } from '../../lib/server/pictures/read-picture';
import { BadInput, readBytes, type Command } from '../io';

/** Four marks as eight shares of width and height, from the top left round. @throws BadInput when they are not */
function marksIn(name: string, text: string): Quad {
	const numbers = text.split(/[\s,;]+/).map(Number);
	if (numbers.length !== 8 || numbers.some((value) => !Number.isFinite(value)))
		throw new BadInput(
			`--${name} must be eight numbers, x and y of four marks from the top left round, as shares of width and height.`
		);
	const quad = [0, 2, 4, 6].map((i) => ({ x: numbers[i]!, y: numbers[i + 1]! })) as unknown as Quad;
	const checked = checkedQuad(quad);
	if (!checked.ok) throw new BadInput(`--${name}: ${checked.error}.`);
	return checked.value;
}

async function shotOf(file: string): Promise<Omit<BeamShot, 'quad'>> {
	const read = await readPicture(readBytes(file));
	if (!read.ok) throw new BadInput(`${file}: ${read.error}.`);
	return { picture: workPicture(read.value.raw), exposure: read.value.exposure };
}

/** Marks as they were given, else printed targets that are found on both; none when one of the pictures has none. */
function marksOf(
	[before, after]: readonly [Omit<BeamShot, 'quad'>, Omit<BeamShot, 'quad'>],
	given: { before: string | undefined; after: string | undefined }
): readonly [Quad | null, Quad | null] {
	if (given.before !== undefined) {
		const first = marksIn('marks', given.before);
		return [first, given.after === undefined ? first : marksIn('marks-after', given.after)];
	}
	if (given.after !== undefined) throw new BadInput('--marks-after wants --marks as well.');
	const [first, second] = [findTargets(before.picture), findTargets(after.picture)];
	return first && second ? [first, second] : [null, null];
}

const shown = ({ reading: { cutoff, hotSpot, above, clipped } }: ReadPicture) => ({ cutoff, hotSpot, above, clipped });

/** Two photographs of a beam on a wall, read and held against each other. */
export const beam: Command = {
	usage: 'beam BEFORE.png AFTER.png [--marks X,Y,X,Y,X,Y,X,Y] [--marks-after …]',
	run: async (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: { marks: { type: 'string' }, 'marks-after': { type: 'string' } }
		});
		const [first, second, ...more] = positionals;
		if (first === undefined || second === undefined || more.length > 0)
			throw new BadInput('Two pictures are wanted: the beam before, and the beam after.');
		const shots = [await shotOf(first), await shotOf(second)] as const;
		const [before, after] = marksOf(shots, { before: values.marks, after: values['marks-after'] });
		const found = compareBeams({ ...shots[0], quad: before }, { ...shots[1], quad: after });
		return {
			output: {
				before: shown(found.before),
				after: shown(found.after),
				change: found.change,
				comparable: found.comparable,
				why: found.issues.map(issueWords).join(' '),
				advice: beamAdvice(found).map(({ code, words, todo }) => ({ code, words, todo })),
				marks: before && after ? { before, after } : null
			}
		};
	}
};
