import type { Table } from '../../../core/exchange';
import { SOCKET_STANDS } from './asked/fleet';
import type { CoverAnswer, CoverQuestion, AskedOfCover } from './asked';
import type { CoverAsked } from './asked/tools';

/** Asks the cover; passed in, since it answers in a thread of its own. */
export type AskCover = <N extends CoverQuestion>(question: N, ...asked: AskedOfCover<N>) => Promise<CoverAnswer<N>>;

/** Rows of a table at most: a spreadsheet holds no more. */
const MOST_ROWS = 100_000;
/** Vehicles asked for at once. */
const AT_ONCE = 240;

type Shared = { sockets: number; served: number; weight: number; servedWeight: number };
const SHARE = ['sockets', 'served', 'weight', 'servedWeight'] as const;
const cells = (share: Shared) => SHARE.map((name) => share[name]);

/** Tables of the cover by their names. A new one is an entry here. */
export const COVER_TABLES = {
	share: async (ask: AskCover, asked: CoverAsked): Promise<Table> => {
		const { byFunction, groups } = await ask('overview', asked);
		return {
			name: 'share',
			headings: ['by', 'value', ...SHARE],
			rows: [
				...byFunction.map((row) => ['function', row.key, ...cells(row)]),
				...Object.entries(groups).flatMap(([by, rows]) => rows.map((row) => [by, row.key, ...cells(row)]))
			]
		};
	},
	categories: async (ask: AskCover, asked: CoverAsked): Promise<Table> => {
		const { rows } = await ask('matrix', asked);
		return {
			name: 'categories',
			headings: ['category', 'function', ...SHARE],
			rows: rows.flatMap(({ category, cells: own }) =>
				Object.entries(own).map(([fn, share]) => [category, fn, ...cells(share)])
			)
		};
	},
	fleet: async (ask: AskCover, asked: CoverAsked): Promise<Table> => {
		const rows: Table['rows'] = [];
		for (let from = 0; from < MOST_ROWS; from += AT_ONCE) {
			const { wheels, total } = await ask('fleet', asked, { order: 'name', share: [0, 1], from, most: AT_ONCE });
			for (const { id, name, sockets, served, cells: own } of wheels)
				rows.push([
					id,
					name,
					sockets,
					served,
					...SOCKET_STANDS.map((_, stands) => own.filter((c) => c[3] === stands).length)
				]);
			if (from + AT_ONCE >= total) break;
		}
		return { name: 'fleet', headings: ['configuration', 'name', 'sockets', 'served', ...SOCKET_STANDS], rows };
	},
	missing: async (ask: AskCover, asked: CoverAsked): Promise<Table> => {
		const { missing } = await ask('missing', asked);
		return {
			name: 'missing',
			headings: [
				'fits',
				'colour',
				'cct',
				'peak',
				'wiring',
				'modes',
				'lumens',
				'wattsFrom',
				'wattsTo',
				'lengthAtMost',
				'diameterAtMost',
				'rearLengthAtMost',
				'rearDiameterAtMost',
				'festoonLength',
				'price',
				'sockets',
				'vehicles',
				'weight',
				'completes'
			],
			rows: missing.map(({ specification: s, power, price, sockets, vehicles, weight, completes }) => [
				s.fits.join(' '),
				s.colour?.kind ?? '',
				s.colour?.cct ?? '',
				s.colour?.peak ?? '',
				s.wiring ?? '',
				s.modes?.join(' ') ?? '',
				s.flux?.claimed ?? '',
				power.low,
				power.high,
				s.size?.frontLength ?? '',
				s.size?.frontDiameter ?? '',
				s.size?.rearLength ?? '',
				s.size?.rearDiameter ?? '',
				s.size?.length ?? '',
				price?.median ?? '',
				sockets,
				vehicles,
				weight,
				completes
			])
		};
	},
	assortment: async (ask: AskCover, asked: CoverAsked): Promise<Table> => {
		const { steps, idle, doubles } = await ask('assortment', asked);
		return {
			name: 'assortment',
			headings: ['product', 'name', 'maker', 'what', 'pieces', 'money', 'adds', 'by'],
			rows: [
				...steps.map((p) => [p.id, p.name, p.maker, 'serves', p.pieces, p.money, p.adds, '']),
				...idle.map((p) => [p.id, p.name, p.maker, 'serves nothing', p.pieces, p.money, 0, '']),
				...doubles.map((p) => [p.id, p.name, p.maker, 'only doubles', p.pieces, p.money, 0, p.by.id])
			]
		};
	}
} as const satisfies Record<string, (ask: AskCover, asked: CoverAsked) => Promise<Table>>;

export type CoverTable = keyof typeof COVER_TABLES;
