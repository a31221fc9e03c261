import { parseArgs } from 'node:util';
import { sizeResistor } from '../../lib/core/circuit';
import { BadInput, readNumber, type Command } from '../io';

/** Sizes a load resistor for a monitored output. */
export const resistor: Command = {
	usage: 'resistor --threshold A --present A --duty D [--margin M]',
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: {
				threshold: { type: 'string' },
				present: { type: 'string' },
				duty: { type: 'string' },
				margin: { type: 'string', default: '1.1' }
			}
		});
		const size = sizeResistor({
			threshold: readNumber('threshold', values.threshold, { min: 0, max: 100 }),
			present: readNumber('present', values.present, { min: 0, max: 100 }),
			duty: readNumber('duty', values.duty, { min: 0, max: 1 }),
			margin: readNumber('margin', values.margin, { min: 1, max: 3 })
		});
		if (!size) throw new BadInput('No resistor is needed, or none in stock values draws that much.');
		return { output: size };
	}
};
