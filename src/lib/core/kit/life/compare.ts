import type { Socket } from '../../model';
import { differences, differenceText } from '../answer/differences';
import type { KitAnswer } from '../answer/answer';

/** What is different between two revisions of a kit. */
export interface KitDifference {
	/** Place by place, lamps. */
	places: string[];
	/** Lines by their stock-keeping unit: packs before and after. */
	lines: { sku: string; name: string; before: number; after: number }[];
	/** Sockets that were closed, and that were opened. */
	closed: string[];
	opened: string[];
	/** Price after less price before, minor units. */
	price: number;
}

/** Compares two kits line by line. */
export function compareKits(before: KitAnswer, after: KitAnswer, sockets: readonly Socket[]): KitDifference {
	const packs = (kit: KitAnswer) => new Map(kit.lines.map((l) => [l.sku, l]));
	const [old, fresh] = [packs(before), packs(after)];
	const skus = [...new Set([...old.keys(), ...fresh.keys()])];
	const lines = skus.flatMap((sku) => {
		const [a, b] = [old.get(sku), fresh.get(sku)];
		const row = { sku, name: (b ?? a)?.name ?? sku, before: a?.packs ?? 0, after: b?.packs ?? 0 };
		return row.before === row.after ? [] : [row];
	});
	const open = (kit: KitAnswer) => new Set(kit.open.map((o) => o.socket));
	const [wasOpen, isOpen] = [open(before), open(after)];
	return {
		places: differences(before.lines, after.lines, sockets).map(differenceText),
		lines,
		closed: [...wasOpen].filter((id) => !isOpen.has(id)),
		opened: [...isOpen].filter((id) => !wasOpen.has(id)),
		price: after.total - before.total
	};
}
