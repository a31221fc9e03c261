import { parseArgs } from 'node:util';
import { LENSES } from '../../lib/core/model';
import { colourTemperature, regionOf, throughLens, type Source } from '../../lib/core/optics';
import { BadInput, readNumber, readWord, type Command } from '../io';

/** Reads `kind:number`, such as `halogen:2856` or `led-amber:592` (peak wavelength). */
function readSource(text: string | undefined): Source {
	const [kind, number] = (text ?? '').split(':');
	switch (kind) {
		case 'halogen':
			return { kind, kelvin: readNumber('source halogen', number, { min: 1500, max: 6000 }) };
		case 'led-white':
			return { kind, kelvin: readNumber('source led-white', number, { min: 2200, max: 12000 }) };
		case 'led-amber':
		case 'led-amber-phosphor':
		case 'led-red':
		case 'led-selective-yellow':
			return {
				kind,
				peak: number === undefined ? undefined : readNumber(`source ${kind}`, number, { min: 500, max: 700 })
			};
		default:
			throw new BadInput(
				`--source must be halogen:K, led-white:K, led-amber:NM, led-amber-phosphor:NM, led-red:NM or led-selective-yellow:NM, is "${text ?? ''}".`
			);
	}
}

/** What leaves a lens: chromaticity, surviving share of the flux, and the signal colour it belongs to. */
export const colour: Command = {
	usage: 'colour --source KIND:NUMBER --lens LENS [--market UN|US]',
	run: (args) => {
		const { values } = parseArgs({
			args,
			options: {
				source: { type: 'string' },
				lens: { type: 'string', default: 'none' },
				market: { type: 'string', default: 'UN' }
			}
		});
		const family = readWord('--market', values.market, ['UN', 'US'] as const);
		const light = throughLens(readSource(values.source), readWord('--lens', values.lens, LENSES));
		const region = regionOf(light, family);
		const cct = region === 'white' ? (colourTemperature(light)?.cct ?? null) : null;
		const round = (value: number, digits: number) => Number(value.toFixed(digits));
		return {
			output: {
				x: round(light.x, 4),
				y: round(light.y, 4),
				cct: cct === null ? null : Math.round(cct),
				transmittance: round(light.transmittance, 4),
				region
			}
		};
	}
};
