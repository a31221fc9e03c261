import { FUNCTION_IDS, lampFunction, type FunctionId } from '../../../../core/lamps';
import type { Share } from '../../../../core/cover';
import { talliedFrom } from './overview';
import type { CoverAsked, CoverTools } from './tools';

/** Lamp categories by functions: what is served of each. */
export interface CoverMatrix {
	functions: { id: FunctionId; label: string; mark: string; share: Share }[];
	rows: { category: string; share: Share; cells: Record<string, Share> }[];
}

const sum = (shares: Iterable<Share>): Share => {
	const all = { sockets: 0, served: 0, weight: 0, servedWeight: 0 };
	for (const share of shares) {
		all.sockets += share.sockets;
		all.served += share.served;
		all.weight += share.weight;
		all.servedWeight += share.servedWeight;
	}
	return all;
};

/** The matrix of category by function; the category that weighs most first, functions in walking order. */
export async function matrix(tools: CoverTools, asked: CoverAsked): Promise<CoverMatrix> {
	const { cells, byFunction } = await talliedFrom(tools, asked);
	return {
		functions: FUNCTION_IDS.flatMap((id) => {
			const share = byFunction.get(id);
			const { label, mark } = lampFunction(id);
			return share ? [{ id, label, mark, share }] : [];
		}),
		rows: Array.from(cells, ([category, row]) => ({
			category,
			share: sum(row.values()),
			cells: Object.fromEntries(row)
		})).sort((a, b) => b.share.weight - a.share.weight || a.category.localeCompare(b.category))
	};
}
