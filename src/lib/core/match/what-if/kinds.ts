import { ALIKE_MIRED } from '../../optics';
import { mired } from '../../quantity';
import { piecesOf } from '../cases';
import { NO_WISH, type PreferenceKind } from './preferences';

const inStock: PreferenceKind = {
	id: 'inStock',
	made: (wish) => wish.inStock,
	label: () => 'only products in stock',
	keeps: ({ product }) => (piecesOf(product) ?? 0) > 0,
	alone: () => ({ ...NO_WISH, inStock: true })
};

const withoutParts: PreferenceKind = {
	id: 'withoutParts',
	made: (wish) => wish.withoutParts,
	label: () => 'nothing that needs a part',
	keeps: ({ verdict }) => verdict === 'fits',
	alone: () => ({ ...NO_WISH, withoutParts: true })
};

/** Coloured light has no colour temperature to keep to, and stays. */
const kelvin: PreferenceKind = {
	id: 'kelvin',
	made: (wish) => wish.kelvin !== null,
	label: (wish) => `${wish.kelvin} K throughout`,
	keeps: ({ product: { colour } }, wish) => {
		if (colour?.kind !== 'white') return true;
		return colour.cct !== undefined && Math.abs(mired(colour.cct) - mired(wish.kelvin ?? NaN)) < ALIKE_MIRED;
	},
	alone: (wish) => ({ ...NO_WISH, kelvin: wish.kelvin })
};

const maker: PreferenceKind = {
	id: 'maker',
	made: (wish) => wish.maker !== null,
	label: (wish) => `only ${wish.maker}`,
	keeps: ({ product }, wish) => product.maker === wish.maker,
	alone: (wish) => ({ ...NO_WISH, maker: wish.maker })
};

/** Every kind of wish. A new one is an entry here and a field of `Wish`. */
export const WISH_KINDS: readonly PreferenceKind[] = [inStock, withoutParts, kelvin, maker];
