import { amount } from '../../../quantity';
import type { Criterion } from '../criterion';

/** A lamp of this price earns half, minor units. */
const HALF_AT = 1500;

/** Price of one lamp in its cheapest pack. */
export const priceCriterion: Criterion = {
	id: 'price',
	label: 'Price',
	weight: 3,
	how: ({ shop }) => `${amount(HALF_AT, shop.currency)} a lamp earns half, twice that a third`,
	points: (_, { price }) => (Number.isFinite(price) ? HALF_AT / (HALF_AT + price) : 0),
	shown: ({ shop }, { price }) => (Number.isFinite(price) ? `${amount(price, shop.currency)} a lamp` : 'not on sale')
};
