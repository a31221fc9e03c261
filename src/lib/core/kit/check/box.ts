import { itemOf, type Check } from './facts';

/** Packs hold the pieces the lines say, come off the shelf, and the sums are right. */
export const boxCheck: Check = (kit) => {
	const { answer, order } = kit;
	const inHand = new Map(Object.entries(order.has?.parts ?? {}));
	const wrong = answer.lines.flatMap((line): string[] => {
		if (line.packs === 0) {
			const has = inHand.get(line.accessory ?? '') ?? 0;
			return line.count <= has && line.price === 0 ? [] : [`${line.sku}: the customer has ${has}, not ${line.count}`];
		}
		const pack = itemOf(kit, line)?.packs.find((p) => p.sku === line.sku);
		if (!pack) return [`${line.sku} is not on sale`];
		const problems: string[] = [];
		if (pack.stock !== undefined && line.packs > pack.stock) problems.push(`${line.sku}: more packs than on the shelf`);
		if (pack.count * line.packs !== line.count) problems.push(`${line.sku}: count is wrong`);
		if (pack.price * line.packs !== line.price) problems.push(`${line.sku}: price is wrong`);
		if (line.spare < 0 || line.spare >= line.count) problems.push(`${line.sku}: ${line.spare} spare of ${line.count}`);
		return problems;
	});
	const sum = answer.lines.reduce((total, line) => total + line.price, 0);
	if (sum !== answer.total) wrong.push('the total is wrong');
	if (order.budget !== undefined && sum > order.budget) wrong.push('the budget is passed');
	return wrong;
};
