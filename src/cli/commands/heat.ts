import { parseArgs } from 'node:util';
import {
	bodyResistance,
	capFactor,
	HEAT_DEFAULTS,
	heatLevel,
	secondsUntil,
	steadySpan,
	temperatureAfter,
	timeConstantId
} from '../../lib/core/heat';
import { assumedValue } from '../../lib/core/quantity';
import { readNumber, readWord, type Command } from '../io';

const MOUNTS = ['flange', 'bayonet', 'wedge', 'festoon'] as const;
const COOLINGS = ['none', 'fins', 'fan', 'strap'] as const;
const CAPS = ['open', 'ported', 'extended', 'sealed'] as const;

/** Estimates the body temperature of a lamp, its curve, and when it passes a limit; every assumption is named. */
export const heat: Command = {
	usage: `heat --watts W --limit C --mount ${MOUNTS.join('|')} [--cooling K] [--cap K] [--diameter MM] [--ambient C] [--duty D] [--minutes N]`,
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: {
				watts: { type: 'string' },
				limit: { type: 'string' },
				mount: { type: 'string' },
				cooling: { type: 'string', default: 'none' },
				cap: { type: 'string', default: 'sealed' },
				diameter: { type: 'string' },
				ambient: { type: 'string', default: '60' },
				duty: { type: 'string', default: '1' },
				minutes: { type: 'string', default: '30' }
			}
		});
		const mount = readWord('--mount', values.mount, MOUNTS);
		const cooling = readWord('--cooling', values.cooling, COOLINGS);
		const cap = readWord('--cap', values.cap, CAPS);
		const limit = readNumber('limit', values.limit, { min: 0, max: 400 });
		const minutes = readNumber('minutes', values.minutes, { min: 1, max: 600 });
		const assumed = (id: string) => assumedValue(HEAT_DEFAULTS, id);
		const diameter =
			values.diameter === undefined ? undefined : readNumber('diameter', values.diameter, { min: 1, max: 100 });
		const timeConstant = assumed(timeConstantId({ mount, diameter }));
		const resistance = bodyResistance({ mount, diameter }, cooling, HEAT_DEFAULTS);
		const given = {
			ambient: readNumber('ambient', values.ambient, { min: -60, max: 150 }),
			watts: readNumber('watts', values.watts, { min: 0, max: 500 }),
			duty: readNumber('duty', values.duty, { min: 0, max: 1 }),
			resistance: resistance.middle,
			cap: capFactor(cap, HEAT_DEFAULTS)
		};
		const span = steadySpan({
			cool: { ...given, resistance: resistance.low },
			middle: given,
			hot: { ...given, resistance: resistance.high }
		});
		const seconds = secondsUntil(given, timeConstant, limit);
		return {
			output: {
				temperature: span.middle,
				lowest: span.low,
				highest: span.high,
				limit,
				level: heatLevel(span, limit),
				secondsToLimit: seconds === null ? null : Math.round(seconds),
				curve: Array.from({ length: Math.floor(minutes) + 1 }, (_, minute) => ({
					minute,
					temperature: Math.round(temperatureAfter(given, timeConstant, minute * 60) * 10) / 10
				})),
				assumptions: [
					{ name: 'air around', value: given.ambient, unit: 'C', source: 'a warm day, unless given' },
					{ name: 'share of the time lit', value: given.duty, unit: '', source: 'steady, unless given' },
					{
						name: 'thermal resistance',
						value: given.resistance,
						unit: 'K/W',
						source: `middle of ${resistance.low} to ${resistance.high}, default of ${mount}, ${cooling}`
					},
					{ name: 'factor of the cap', value: given.cap, unit: '', source: `default of a cap that is ${cap}` },
					{ name: 'time constant', value: timeConstant, unit: 's', source: `default of ${mount}` }
				]
			}
		};
	}
};
