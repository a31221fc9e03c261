import {
	bestChoice,
	compareChoices,
	doubles,
	greedyChoice,
	idleProducts,
	offeredIn,
	servedAlike,
	tiedIn,
	type BestChoice,
	type Compared,
	type Cover,
	type Offer,
	type ServedAlike,
	type Step
} from '../../../../core/cover';
import { once, type CoverAsked, type CoverTools } from './tools';

/** A product in a list of the assortment. */
export interface ListedProduct {
	id: string;
	name: string;
	maker: string;
	fits: string[];
	/** Price of one piece, minor units; null where it is not on sale. */
	price: number | null;
	/** Pieces on the shelf, and what lies in them, minor units. */
	pieces: number;
	money: number;
	atPrice: boolean;
}

/** The assortment of a shop. */
export interface AssortmentView {
	/** Weight of everything that anything on offer serves, and of all there is. */
	servable: number;
	steps: (ListedProduct & Pick<Step, 'served' | 'adds' | 'bound'>)[];
	idle: ListedProduct[];
	doubles: (ListedProduct & { by: ListedProduct; sockets: number })[];
	/** Money in what serves nothing, and in what only doubles another, minor units. */
	dead: { idle: number; doubles: number; stock: number };
}

/** Steps of the curve that are shown. */
const MOST_STEPS = 400;
/** Rows of a list that are shown. */
const MOST_LISTED = 300;

export function listed({ products }: Cover, number: number): ListedProduct {
	const { record, price } = products[number] as Cover['products'][number];
	return {
		id: record.id,
		name: record.name,
		maker: record.maker,
		fits: record.fits,
		price: Number.isFinite(price) ? Math.round(price) : null,
		...tiedIn(record)
	};
}

const setsFor = (tools: CoverTools, asked: CoverAsked): Promise<ServedAlike[]> =>
	once(tools, { name: 'sets', asked }, ({ cover, weights }) => servedAlike(cover, offeredIn(cover, asked), weights));

const moneyIn = (products: readonly ListedProduct[]) => products.reduce((sum, { money }) => sum + money, 0);

/** What serves how much, what serves nothing, and what only doubles another. */
export async function assortment(tools: CoverTools, asked: CoverAsked): Promise<AssortmentView> {
	const { cover } = tools;
	const sets = await setsFor(tools, asked);
	const offered = offeredIn(cover, asked);
	const isOffered = (number: number) => offered[number] === 1;
	const idle = idleProducts(cover)
		.filter(isOffered)
		.map((number) => listed(cover, number));
	const twice = doubles(sets, cover.products).map(({ product, by, sockets }) => ({
		...listed(cover, product),
		by: listed(cover, by),
		sockets
	}));
	const byMoney = (a: ListedProduct, b: ListedProduct) => b.money - a.money || a.id.localeCompare(b.id);
	return {
		servable: sets.reduce((sum, { weight }) => sum + weight, 0),
		steps: greedyChoice(sets, MOST_STEPS).map(({ product, ...step }) => ({ ...listed(cover, product), ...step })),
		idle: idle.sort(byMoney).slice(0, MOST_LISTED),
		doubles: twice.sort(byMoney).slice(0, MOST_LISTED),
		dead: {
			idle: moneyIn(idle),
			doubles: moneyIn(twice),
			stock: moneyIn(cover.products.flatMap(({ record }, n) => (record.withdrawn ? [] : [listed(cover, n)])))
		}
	};
}

/** The k products that serve the most. */
export async function best(
	tools: CoverTools,
	asked: CoverAsked,
	k: number
): Promise<Omit<BestChoice, 'products'> & { products: ListedProduct[] }> {
	const choice = await bestChoice(await setsFor(tools, asked), k, tools.solver);
	return { ...choice, products: choice.products.map((number) => listed(tools.cover, number)) };
}

/** One of two assortments: what an offer holds, or products by their ids. */
export type Choice = Offer | readonly string[];

/** Two assortments side by side, over everything that any catalogue serves. */
export async function compared(
	tools: CoverTools,
	asked: CoverAsked,
	[first, second]: readonly [Choice, Choice]
): Promise<Compared> {
	const { cover } = tools;
	const numbers = new Map(cover.products.map(({ record }, number) => [record.id as string, number]));
	const chosenBy = (choice: Choice): Set<number> => {
		if (typeof choice !== 'string') return new Set(choice.flatMap((id) => numbers.get(id) ?? []));
		const offered = offeredIn(cover, { ...asked, from: choice });
		return new Set(cover.products.flatMap((_, number) => (offered[number] ? [number] : [])));
	};
	const sets = await setsFor(tools, { ...asked, from: 'catalogue' });
	return compareChoices(sets, chosenBy(first), chosenBy(second));
}
