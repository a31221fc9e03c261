import { ALIKE_MIRED } from '../../optics';
import { mired } from '../../quantity';
import { piecesOf } from '../cases';
import { NO_PREFERENCES, type PreferenceKind } from './preferences';

const inStock: PreferenceKind = {
	id: 'inStock',
	made: (preferences) => preferences.inStock,
	label: () => 'only products in stock',
	keeps: ({ product }) => (piecesOf(product) ?? 0) > 0,
	alone: () => ({ ...NO_PREFERENCES, inStock: true })
};

const withoutParts: PreferenceKind = {
	id: 'withoutParts',
	made: (preferences) => preferences.withoutParts,
	label: () => 'nothing that needs a part',
	keeps: ({ verdict }) => verdict === 'fits',
	alone: () => ({ ...NO_PREFERENCES, withoutParts: true })
};

/** Coloured light has no colour temperature to keep to, and stays. */
const kelvin: PreferenceKind = {
	id: 'kelvin',
	made: (preferences) => preferences.kelvin !== null,
	label: (preferences) => `${preferences.kelvin} K throughout`,
	keeps: ({ product: { colour } }, preferences) => {
		if (colour?.kind !== 'white') return true;
		return colour.cct !== undefined && Math.abs(mired(colour.cct) - mired(preferences.kelvin ?? NaN)) < ALIKE_MIRED;
	},
	alone: (preferences) => ({ ...NO_PREFERENCES, kelvin: preferences.kelvin })
};

const maker: PreferenceKind = {
	id: 'maker',
	made: (preferences) => preferences.maker !== null,
	label: (preferences) => `only ${preferences.maker}`,
	keeps: ({ product }, preferences) => product.maker === preferences.maker,
	alone: (preferences) => ({ ...NO_PREFERENCES, maker: preferences.maker })
};

/** Every kind of wish. A new one is an entry here and a field of `Wish`. */
export const PREFERENCE_KINDS: readonly PreferenceKind[] = [inStock, withoutParts, kelvin, maker];
