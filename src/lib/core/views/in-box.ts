import { strategyOf } from '../accessories';
import type { Included, Product } from '../model';

const labelOf = (kind: Included['kind']): string => (kind === 'decoder' ? 'decoder' : strategyOf({ kind }).label);

/** What comes in the box with a lamp, in words. @example ["decoder, 10 ohm"] */
export function inBoxWords({ includes = [] }: Pick<Product, 'includes'>): string[] {
	return includes.map(({ kind, name, resistance, capacitance, extraDepth }) =>
		[
			name ?? labelOf(kind),
			resistance === undefined ? null : `${resistance} ohm`,
			capacitance === undefined ? null : `${Math.round(capacitance * 1e6)} µF`,
			extraDepth === undefined ? null : `${extraDepth} mm deeper`
		]
			.filter((text) => text !== null)
			.join(', ')
	);
}
