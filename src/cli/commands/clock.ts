import { parseArgs } from 'node:util';
import { CLOCK_CHECK, CLOCK_PASS, clockAdvice } from '../../lib/core/fit';
import { readNumber, readWord, type Command } from '../io';

const COLLARS = ['fixed', 'adjustable', 'removable'] as const;

/** Says how a sided lamp stands when it is locked, and how it is turned right. */
export const clock: Command = {
	usage: 'clock --key DEGREES --emitter DEGREES [--collar fixed|adjustable|removable]',
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: { key: { type: 'string' }, emitter: { type: 'string' }, collar: { type: 'string', default: 'fixed' } }
		});
		const angles = {
			key: readNumber('key', values.key, { min: -360, max: 360 }),
			emitter: readNumber('emitter', values.emitter, { min: -360, max: 360 })
		};
		const collar = readWord('--collar', values.collar, COLLARS);
		return {
			output: {
				...clockAdvice(angles, collar),
				wanted: "emitters at 3 and 9 o'clock, seen from the front",
				assumptions: [
					{ name: 'passes up to', value: CLOCK_PASS, unit: 'degrees', source: 'practice' },
					{ name: 'is looked at up to', value: CLOCK_CHECK, unit: 'degrees', source: 'practice' },
					{ name: 'collar', value: collar, unit: '', source: values.collar === 'fixed' ? 'the hardest case' : 'given' }
				]
			}
		};
	}
};
