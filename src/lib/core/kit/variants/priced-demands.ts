import type { KitOrder } from '../../model';
import { amount } from '../../quantity';
import type { KitCase } from '../choices/group';
import type { Demand } from '../program';

/** The same order with one demand less, or one more. */
export interface Variant {
	/** @example "4300 K throughout" */
	words: string;
	/** A demand that was lifted, or a wish that was tried. */
	kind: 'lifted' | 'wished';
	order: KitOrder;
	lifted?: (demand: Demand) => boolean;
}

type Variants = (order: KitOrder, kitCase: KitCase) => Variant[];

const lifted = (words: string, order: KitOrder, more?: Variant['lifted']): Variant =>
	more ? { words, kind: 'lifted', order, lifted: more } : { words, kind: 'lifted', order };

const matched: Variants = (order) =>
	order.matched === false ? [] : [lifted('whites that match', { ...order, matched: false })];

const stock: Variants = (order) => [lifted('what is on the shelf', order, (demand) => demand.kind === 'stock')];

const budget: Variants = ({ budget: most, ...order }, { shop }) =>
	most === undefined ? [] : [lifted(`a budget of ${amount(most, shop.currency)}`, order as KitOrder)];

const fixed: Variants = (order, { configuration, catalogue }) => {
	const seen = new Set<string>();
	return Object.entries(order.choices).flatMap(([socket, choice]) => {
		const name = choice.kind === 'product' ? catalogue.find(choice.product)?.record.name : 'stock';
		const at = configuration.sockets.find((s) => s.id === socket);
		const key = `${name}@${at?.functions.join()}${at?.zone}${at?.index}`;
		if (seen.has(key)) return [];
		seen.add(key);
		const choices = Object.fromEntries(
			Object.entries(order.choices).filter(([id]) => {
				const other = configuration.sockets.find((s) => s.id === id);
				return (
					`${other?.functions.join()}${other?.zone}${other?.index}` !== `${at?.functions.join()}${at?.zone}${at?.index}`
				);
			})
		);
		return [lifted(`${name} chosen by hand for ${socket}`, { ...order, choices })];
	});
};

const forbidden: Variants = (order, { catalogue }) =>
	(order.forbidden ?? []).map((one) => {
		const name = catalogue.find(one.product)?.record.name ?? one.product;
		return lifted(`no ${name}`, { ...order, forbidden: order.forbidden?.filter((other) => other !== one) });
	});

const wished: Variants = (order) => {
	const { kelvin, maker, withoutParts, ...rest } = order;
	return [
		...(kelvin === undefined ? [] : [lifted(`${kelvin} K throughout`, { ...order, kelvin: undefined })]),
		...(maker === undefined ? [] : [lifted(`only ${maker}`, { ...order, maker: undefined })]),
		...(withoutParts ? [lifted('nothing that needs a part', { ...rest, kelvin, maker } as KitOrder)] : [])
	];
};

/** Whites people ask for, K. */
const ASKED_WHITES = [3000, 4300, 6000] as const;

const whites: Variants = (order) =>
	order.kelvin !== undefined
		? []
		: ASKED_WHITES.map((kelvin) => ({
				words: `${kelvin} K throughout`,
				kind: 'wished',
				order: { ...order, kelvin: kelvin as KitOrder['kelvin'] }
			}));

const partless: Variants = (order) =>
	order.withoutParts
		? []
		: [{ words: 'nothing that needs a part', kind: 'wished', order: { ...order, withoutParts: true } }];

/** Every kind of demand that has a price. A new one is an entry here. */
export const PRICED: readonly Variants[] = [matched, stock, budget, fixed, forbidden, wished, whites, partless];
