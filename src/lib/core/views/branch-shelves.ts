/** What lies of a pack at a branch. */
export interface PackThere {
	sku: string;
	/** Id of the branch. */
	id: string;
	/** As rows keep it: null for the first branch. */
	branch: string | null;
	name: string;
	/** Packs; null where nobody counted. */
	stock: number | null;
	/** Minor units. */
	price: number;
	shelf: string | null;
}

/** Packs of a number at every branch, and those branches that some may be brought from, the one with most first. */
export interface ShelvesOfPack {
	sku: string;
	there: PackThere[];
	sources: PackThere[];
}

/** Packs at branches, by their number. @param here name of the branch at which somebody looks */
export function branchShelves(packs: readonly PackThere[], here: string): ShelvesOfPack[] {
	const skus = [...new Set(packs.map(({ sku }) => sku))];
	return skus.map((sku) => {
		const there = packs.filter((one) => one.sku === sku);
		const sources = there.filter(({ name, stock }) => name !== here && (stock ?? 0) > 0);
		return { sku, there, sources: sources.sort((a, b) => (b.stock ?? 0) - (a.stock ?? 0)) };
	});
}

/** Where else something lies, and how many pieces of it. */
export interface Elsewhere {
	name: string;
	pieces: number;
}

/** Where else something lies, in words. @example "3 at Harbour, 2 at Mole" */
export const elsewhereWords = (others: readonly Elsewhere[]): string =>
	others.map(({ name, pieces }) => `${pieces} at ${name}`).join(', ');

/** The same where there is little room. @example "5 at 2 branches" */
export const elsewhereInShort = (others: readonly Elsewhere[]): string =>
	others.length > 1
		? `${others.reduce((sum, { pieces }) => sum + pieces, 0)} at ${others.length} branches`
		: elsewhereWords(others);
