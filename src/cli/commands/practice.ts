import { parseArgs } from 'node:util';
import { VEHICLE_KINDS } from '../../lib/core/model';
import { LEVELS, make, practiceFiles } from '../../lib/core/practice';
import { BadInput, readWord, type Command } from '../io';

/** A vehicle that does not exist, with its papers and its truth. */
export const practice: Command = {
	usage: 'practice --seed N [--kind car] [--level 1|2|3|4|5]',
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: { seed: { type: 'string' }, kind: { type: 'string' }, level: { type: 'string' } }
		});
		const seed = Number(values.seed);
		if (values.seed === undefined || !Number.isSafeInteger(seed))
			throw new BadInput('--seed has to be a whole number, such as --seed 7.');
		const kind = values.kind === undefined ? undefined : readWord('--kind', values.kind, VEHICLE_KINDS);
		const level = LEVELS.find((one) => String(one) === values.level);
		if (values.level !== undefined && !level) throw new BadInput(`--level has to be ${LEVELS.join(', ')}.`);
		return { output: practiceFiles(make(seed, { kind, level })) };
	}
};
