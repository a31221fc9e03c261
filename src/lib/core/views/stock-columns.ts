import { readClaims } from '../claims';
import type { Accessory, Product } from '../model';
import { deratedFlux } from '../optics';
import { colourWord } from './candidate';

const skus = ({ packs }: Product | Accessory) => packs.map(({ sku }) => sku);

/** What a list of the stock is searched and ordered by, of a product: text in small letters, W, lm, minor units of one lamp; 0 where not known. */
export function productColumns(product: Product) {
	const { id, maker, name, kind, fits, packs, power } = product;
	const light = colourWord(product);
	return {
		kind: kind as string,
		words: [maker, name, id, ...fits, light, ...skus(product)].join(' ').toLowerCase(),
		fits: fits.join(', '),
		light,
		watts: power?.at13v5 ?? 0,
		lumens: deratedFlux(product)?.lumens ?? 0,
		price: packs.length === 0 ? 0 : Math.round(Math.min(...packs.map((pack) => pack.price / pack.count))),
		doubted: readClaims(product).some(({ level }) => level !== 'plausible') ? 1 : 0
	};
}

/** What a list of the stock is searched by, of an accessory. */
export function accessoryColumns(accessory: Accessory) {
	const { id, name = '', kind } = accessory;
	return { kind: kind as string, words: [name, id, kind, ...skus(accessory)].join(' ').toLowerCase() };
}
