import { ruleFamily } from '../../../lamps';
import { knownLens, ledSource, regionOf, throughLens } from '../../../optics';
import { socketName } from '../../../vehicle';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';

const REGIONS = ['white', 'selective-yellow', 'amber', 'red', 'none'] as const;
const WORDS: Readonly<Record<(typeof REGIONS)[number], string>> = {
	white: 'white',
	'selective-yellow': 'selective yellow',
	amber: 'amber',
	red: 'red',
	none: 'no colour that a rule names'
};
const OFFERED = ['clear', 'amber', 'red'] as const;

/** What colour shows behind the lens. */
export const seeColour: ExerciseKind = {
	skill: 'see the colour behind the lens',
	minutes: 1,
	pose: (made, chance) => {
		const family = ruleFamily(made.truth.market) ?? 'UN';
		const outside = made.truth.sockets.filter(
			({ zone, lens }) => zone !== 'cabin' && zone !== 'luggage' && knownLens(lens)
		);
		const lamps = made.products.filter(({ kind, colour }) => kind === 'led' && ledSource(colour) !== null);
		if (outside.length === 0 || lamps.length === 0) return null;
		const [socket, product] = [chance.pick(outside), chance.pick(lamps)];
		const lens = knownLens(chance.is(0.6) ? socket.lens : chance.pick(OFFERED));
		const source = ledSource(product.colour);
		if (!lens || !source) return null;
		const light = throughLens(source, lens);
		const region = regionOf(light, family);
		const at = `x ${light.x.toFixed(3)}, y ${light.y.toFixed(3)}`;
		const colour = product.colour?.kind ?? '';
		const judge = (one: string): Judged =>
			one === region
				? RIGHT
				: {
						outcome: 'wrong',
						opened: [
							{
								what: `${at}, light let through ${Math.round(100 * light.transmittance)} %: ${WORDS[region]}`,
								why: 'A lens only takes light away: what the lamp does not send cannot be seen behind it.',
								source: 'spectra of source and lens, colour boundaries of the rules'
							}
						],
						cost: { minutes: 30, words: 'The lamp shows another colour than its function asks for.' }
					};
		return byChoice({
			task: 'What colour shows behind the lens?',
			given: [
				{ label: 'Place', value: socketName(socket) },
				{ label: 'Lamp', value: product.colour?.kind === 'white' ? `white ${product.colour.cct} K` : colour },
				{ label: 'Lens', value: lens }
			],
			drawing: { kind: 'lens', colour, lens },
			screen: { room: 'match', socket: socket.id },
			options: REGIONS.map((id) => ({ id, words: WORDS[id], judged: judge(id) }))
		});
	}
};
