import type { Accessory, Configuration, KitOrder, Product } from '../exchange';
import { twinGroups } from '../vehicle';
import type { KitAnswer } from './answer';
import { socketsInScope } from './scope';

/**
 * Checks a finished kit on its own, without the program that made it: every socket of the scope stands in one line or is open,
 * twins carry the same product, packs hold the pieces the lines say, no pack is sold that is not on the shelf, the sums are right.
 * @returns what is wrong, one sentence each; empty when the kit holds
 */
export function checkKit(
	answer: KitAnswer,
	order: Pick<KitOrder, 'scope' | 'budget'>,
	facts: { configuration: Configuration; products: readonly Product[]; accessories: readonly Accessory[] }
): string[] {
	const wrong: string[] = [];
	const sockets = socketsInScope(facts.configuration.sockets, order.scope);
	const lampOf = new Map<string, string>();
	for (const line of answer.lines.filter((l) => l.product)) {
		for (const id of line.sockets) {
			if (lampOf.has(id)) wrong.push(`${id} stands in two lines`);
			lampOf.set(id, line.product ?? '');
		}
	}
	const open = new Set(answer.open.map((o) => o.socket));
	for (const { id } of sockets) if (lampOf.has(id) === open.has(id)) wrong.push(`${id} must be either served or open`);
	for (const group of twinGroups(sockets))
		if (new Set(group.map((s) => lampOf.get(s.id))).size > 1)
			wrong.push(`${group.map((s) => s.id).join(' and ')} differ`);
	for (const line of answer.lines) {
		const item = [...facts.products, ...facts.accessories].find((i) => i.packs.some((p) => p.sku === line.sku));
		const pack = item?.packs.find((p) => p.sku === line.sku);
		if (!pack) wrong.push(`${line.sku} is not on sale`);
		else if (pack.stock !== undefined && line.packs > pack.stock)
			wrong.push(`${line.sku}: more packs than on the shelf`);
		else if (pack.count * line.packs !== line.count) wrong.push(`${line.sku}: count is wrong`);
		else if (pack.price * line.packs !== line.price) wrong.push(`${line.sku}: price is wrong`);
		if (line.product && line.count - line.spare !== line.sockets.length) wrong.push(`${line.sku}: spare is wrong`);
	}
	const sum = answer.lines.reduce((total, line) => total + line.price, 0);
	if (sum !== answer.total) wrong.push('the total is wrong');
	if (order.budget !== undefined && sum > order.budget) wrong.push('the budget is passed');
	return wrong;
}
