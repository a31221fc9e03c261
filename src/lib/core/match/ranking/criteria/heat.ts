import { steadyTemperature } from '../../../heat';
import type { ProductCase, SocketCase } from '../../cases';
import { heatCaseOf, limitOf } from '../../cases/heat-case';
import { share, type Criterion } from '../criterion';

/** A margin of this much is full, K. */
const FULL_AT = 50;

function margin(socket: SocketCase, { product }: ProductCase): number | null {
	const heat = heatCaseOf(socket, product);
	return heat && limitOf(socket, product).limit - steadyTemperature(heat);
}

/** How far below its limit the body stays, under the cap it has today. */
export const heatCriterion: Criterion = {
	id: 'heat',
	label: 'Heat margin',
	weight: 2,
	how: () => `${FULL_AT} K below its limit is full; a filament lamp does not count`,
	points: (socket, product) => (product.lamp === 'filament' ? null : share((margin(socket, product) ?? 0) / FULL_AT)),
	shown: (socket, product) => {
		if (product.lamp === 'filament') return 'a filament lamp';
		const kelvin = margin(socket, product);
		return kelvin === null ? 'not known' : `${Math.round(kelvin)} K below its limit`;
	}
};
