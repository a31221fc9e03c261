import type { CandidateView } from '$lib/core/views';
import type { ShopFormats } from '../ui/shop-formats';

/** One column of the candidate table that can be shown or left out. */
export interface CandidateColumn {
	id: string;
	header: string;
	number: boolean;
	/** What it sorts by. */
	value: (candidate: CandidateView) => string | number;
	text: (candidate: CandidateView, formats: ShopFormats) => string;
}

const perLamp = ({ pack }: CandidateView) => (pack ? pack.price / pack.count : Infinity);
const share = ({ lightShare }: CandidateView) => (lightShare === null ? '–' : `${Math.round(lightShare * 100)} %`);

/** Columns a person may choose, in the order they stand. A new one is an entry here. */
export const COLUMNS: readonly CandidateColumn[] = [
	{
		id: 'score',
		header: 'Score',
		number: true,
		value: (c) => c.score,
		text: (c) => (c.verdict === 'refused' ? '–' : String(c.score))
	},
	{ id: 'colour', header: 'Light', number: false, value: (c) => c.colour, text: (c) => c.colour.replace('white ', '') },
	{ id: 'share', header: 'Survives', number: true, value: (c) => c.lightShare ?? -1, text: share },
	{
		id: 'mired',
		header: 'Mired off',
		number: true,
		value: (c) => c.mired ?? Infinity,
		text: (c) => (c.mired === null ? '–' : String(Math.round(c.mired)))
	},
	{
		id: 'watts',
		header: 'Power, W',
		number: true,
		value: (c) => c.watts ?? Infinity,
		text: (c) => (c.watts === null ? '–' : String(c.watts))
	},
	{
		id: 'price',
		header: 'Price',
		number: true,
		value: perLamp,
		text: ({ pack }, { price }) => (pack ? `${price(pack.price)} for ${pack.count}` : '–')
	},
	{ id: 'stock', header: 'Stock', number: true, value: (c) => c.stock, text: (c) => String(c.stock) }
];

/** Columns until a person chooses. */
export const USUAL_COLUMNS: readonly string[] = ['score', 'colour', 'price', 'stock'];
