import { elsewhereInShort, type CandidateView } from '$lib/core/views';
import type { ShopFormats } from '../ui/shop-formats';

/** One column of the candidate table that can be shown or left out. */
export interface CandidateColumn {
	id: string;
	header: string;
	number: boolean;
	text: (candidate: CandidateView, formats: ShopFormats) => string;
}

const share = ({ lightShare }: CandidateView) => (lightShare === null ? '–' : `${Math.round(lightShare * 100)} %`);

/** Pieces here, and where else there are some when none is here. @example "0; 3 at Harbour" */
export const stockText = ({ stock, elsewhere }: Pick<CandidateView, 'stock' | 'elsewhere'>): string =>
	elsewhere.length === 0 ? String(stock) : `${stock}; ${elsewhereInShort(elsewhere)}`;

/** Columns a person may choose, in the order they stand. A new one is an entry here. */
export const COLUMNS: readonly CandidateColumn[] = [
	{
		id: 'score',
		header: 'Score',
		number: true,
		text: (c) => (c.verdict === 'refused' ? '–' : String(c.score))
	},
	{ id: 'colour', header: 'Light', number: false, text: (c) => c.colour.replace('white ', '') },
	{ id: 'share', header: 'Survives', number: true, text: share },
	{
		id: 'mired',
		header: 'Mired off',
		number: true,
		text: (c) => (c.mired === null ? '–' : String(Math.round(c.mired)))
	},
	{
		id: 'watts',
		header: 'Power, W',
		number: true,
		text: (c) => (c.watts === null ? '–' : String(c.watts))
	},
	{
		id: 'price',
		header: 'Price',
		number: true,
		text: ({ pack }, { price }) => (pack ? `${price(pack.price)} for ${pack.count}` : '–')
	},
	{ id: 'stock', header: 'Stock', number: true, text: stockText }
];

/** Columns until a person chooses. */
export const USUAL_COLUMNS: readonly string[] = ['price', 'stock'];
