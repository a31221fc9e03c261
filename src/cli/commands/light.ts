import { parseArgs } from 'node:util';
import { compareLight } from '../../lib/core/beam';
import { BadInput, readNumber, type Command } from '../io';

/** Two readings of a light meter as candela, and what the change comes to. */
export const light: Command = {
	usage: 'light --before LUX --after LUX --distance M [--distance-after M] [--ambient LUX]',
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: {
				before: { type: 'string' },
				after: { type: 'string' },
				distance: { type: 'string' },
				'distance-after': { type: 'string' },
				ambient: { type: 'string', default: '0' }
			}
		});
		const any = { min: -Infinity, max: Infinity };
		const ambient = readNumber('ambient', values.ambient, any);
		const distance = readNumber('distance', values.distance, any);
		const later = values['distance-after'];
		const found = compareLight(
			{ lux: readNumber('before', values.before, any), distance, ambient },
			{
				lux: readNumber('after', values.after, any),
				distance: later === undefined ? distance : readNumber('distance-after', later, any),
				ambient
			}
		);
		if (!found.ok) throw new BadInput(found.error);
		return { output: found.value };
	}
};
