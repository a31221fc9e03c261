import { parseArgs } from 'node:util';
import { aim as aimAt, AIM_RULES, TRAFFIC_SIDES } from '../../lib/core/beam';
import { BadInput, readNumber, readWord, type Command } from '../io';

const tenth = (mm: number) => Math.round(mm * 10) / 10 + 0;

/** Where a beam belongs on a wall, by rule, height and distance. */
export const aim: Command = {
	usage: 'aim --height MM --distance M --rule ID [--traffic left|right] [--spread MM] [--stamped PERCENT]',
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: {
				height: { type: 'string' },
				distance: { type: 'string' },
				rule: { type: 'string' },
				traffic: { type: 'string', default: 'right' },
				spread: { type: 'string' },
				stamped: { type: 'string' }
			}
		});
		if (values.rule === undefined)
			throw new BadInput(`--rule is missing. Known: ${AIM_RULES.map(({ id }) => id).join(', ')}.`);
		const any = { min: -Infinity, max: Infinity };
		const optional = (name: 'spread' | 'stamped') =>
			values[name] === undefined ? undefined : readNumber(name, values[name], any);
		const found = aimAt({
			rule: values.rule,
			height: readNumber('height', values.height, any),
			distance: readNumber('distance', values.distance, any),
			traffic: readWord('--traffic', values.traffic, TRAFFIC_SIDES),
			spread: optional('spread'),
			stamped: optional('stamped')
		});
		if (!found.ok) throw new BadInput(found.error);
		const { rule, band, drop, dropMin, dropMax, percent, limits, marks, rises, assumed } = found.value;
		return {
			output: {
				dropMin: tenth(dropMin),
				dropMax: tenth(dropMax),
				drop: tenth(drop),
				marks: marks.map(({ lamp, x, y }) => ({ lamp, x: tenth(x), y: tenth(y) })),
				percent,
				limits: limits && { dropMin: tenth(limits.least), dropMax: tenth(limits.most) },
				sets: rule.sets,
				rises,
				rule: { id: rule.id, label: rule.label, heights: band.heights, confidence: rule.confidence },
				source: rule.source,
				note: rule.note ?? null,
				assumed
			}
		};
	}
};
