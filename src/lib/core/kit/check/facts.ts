import type { Accessory, Configuration, KitOrder, Product } from '../../model';
import type { Catalogue, Shop } from '../../match';
import type { KitAnswer, KitLine } from '../answer/answer';

/** A finished kit with what it is held against. */
export interface KitCheck {
	answer: KitAnswer;
	order: KitOrder;
	configuration: Configuration;
	catalogue: Catalogue;
	shop: Shop;
}

/** One check of a finished kit: what is wrong, one sentence each. */
export type Check = (kit: KitCheck) => string[];

/** The product or the accessory of a line as it is on record. */
export function itemOf({ catalogue, shop }: KitCheck, line: KitLine): Product | Accessory | undefined {
	return line.product
		? catalogue.find(line.product)?.record
		: shop.accessories.find((accessory) => accessory.id === line.accessory);
}

/** Product of each served socket, by socket id. */
export function lampsIn(lines: readonly KitLine[]): Map<string, string> {
	return new Map(
		lines.flatMap((line) => (line.product ? line.sockets.map((s): [string, string] => [s, line.product ?? '']) : []))
	);
}
