import { parseArgs } from 'node:util';
import { VEHICLE_KINDS } from '../../lib/core/model';
import { placesOf, readWalkLine } from '../../lib/core/walk';
import { BadInput, readWord, type Command } from '../io';

/** Markets whose drivers usually sit on the right. */
const RIGHT_HAND: ReadonlySet<string> = new Set(['AU']);

/** Reads one walk-line: what it was understood to say, what a match would still miss, and the words nobody understood. */
export const read: Command = {
	usage: 'read LINE [--market UN] [--kind car]',
	run: (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: { market: { type: 'string', default: 'UN' }, kind: { type: 'string', default: 'car' } }
		});
		const line = positionals.join(' ').trim();
		if (line === '') throw new BadInput('Give the line to be read, such as "rear indicator PY21W clear".');
		const { market } = values;
		const { draft, taken, problems, doubts, missing } = readWalkLine(line, {
			kind: readWord('--kind', values.kind, VEHICLE_KINDS),
			market,
			steering: RIGHT_HAND.has(market) ? 'right' : 'left',
			sockets: []
		});
		const { zone, functions, facts } = draft;
		const places = placesOf(draft);
		return {
			output: {
				places: places.map(({ side, index }) => ({ zone, side, index, functions })),
				category: facts.category ?? null,
				lens: facts.lens ?? null,
				bulbColour: facts.bulbColour ?? null,
				optic: facts.optic ?? null,
				state: facts.state ?? 'filament',
				count: places.length,
				facts,
				absent: draft.absent,
				missing,
				notUnderstood: taken.filter(({ label }) => label === null).map(({ from, to }) => line.slice(from, to)),
				problems,
				doubts
			}
		};
	}
};
