import { resolve } from '$app/paths';
import type { Command } from './command';

const page = (
	id: string,
	words: string,
	{ route, href, also }: { route: string; href: () => string; also?: string }
): Command => ({ id, group: 'Go to', words, route, href, ...(also ? { also } : {}) });

/** Pages of the shop that need nothing but a word. A new page is one entry here. */
export const SHOP_PAGES: readonly Command[] = [
	page('counter', 'Counter', { route: '/', href: () => resolve('/'), also: 'today start home' }),
	page('start', 'The first hour', { route: '/start', href: () => resolve('/start'), also: 'welcome begin demo setup' }),
	page('vehicles', 'Vehicles', { route: '/vehicles', href: () => resolve('/vehicles'), also: 'cars list' }),
	page('new-vehicle', 'Add a vehicle', {
		route: '/vehicles/new',
		href: () => resolve('/vehicles/new'),
		also: 'new enter'
	}),
	page('identify', 'Find a vehicle by questions or VIN', {
		route: '/vehicles/identify',
		href: () => resolve('/vehicles/identify'),
		also: 'identify search plate chassis'
	}),
	page('import', 'Import a file or a price list', {
		route: '/vehicles/import',
		href: () => resolve('/vehicles/import'),
		also: 'csv xlsx spreadsheet catalogue upload'
	}),
	page('kits', 'Kits', { route: '/kits', href: () => resolve('/kits') }),
	page('fittings', 'Fittings in the bay', { route: '/fittings', href: () => resolve('/fittings'), also: 'workshop' }),
	page('sales', 'Kits for customers', { route: '/sales', href: () => resolve('/sales'), also: 'quotes orders' }),
	page('new-sale', 'Quote a kit', { route: '/sales/new', href: () => resolve('/sales/new'), also: 'offer sell' }),
	page('practice', 'Practice', {
		route: '/practice',
		href: () => resolve('/practice'),
		also: 'learn exercise train quiz'
	}),
	page('practice-cases', 'Cases of this shop', {
		route: '/practice/cases',
		href: () => resolve('/practice/cases'),
		also: 'practice settled complaints questions write'
	}),
	page('stock', 'Stock', { route: '/stock', href: () => resolve('/stock'), also: 'products lamps shelf' }),
	page('new-product', 'Add a product', {
		route: '/stock/new',
		href: () => resolve('/stock/new'),
		also: 'new lamp accessory'
	}),
	page('supplier', 'Prices and stock from the supplier', {
		route: '/stock/supplier',
		href: () => resolve('/stock/supplier'),
		also: 'feed'
	}),
	page('reorder', 'What to order', { route: '/stock/reorder', href: () => resolve('/stock/reorder'), also: 'buy' }),
	page('cover', 'Cover: the fleet', { route: '/cover', href: () => resolve('/cover'), also: 'share served' }),
	page('cover-matrix', 'Cover: categories', { route: '/cover/matrix', href: () => resolve('/cover/matrix') }),
	page('cover-missing', 'Cover: missing products', {
		route: '/cover/missing',
		href: () => resolve('/cover/missing'),
		also: 'specification'
	}),
	page('cover-assortment', 'Cover: assortment', {
		route: '/cover/assortment',
		href: () => resolve('/cover/assortment')
	}),
	page('cover-places', 'Cover: sockets', { route: '/cover/places', href: () => resolve('/cover/places') }),
	page('cover-demand', 'Cover: demand', {
		route: '/cover/demand',
		href: () => resolve('/cover/demand'),
		also: 'registrations'
	}),
	page('cover-kits', 'Kits in bulk', {
		route: '/cover/kits',
		href: () => resolve('/cover/kits'),
		also: 'overnight queue'
	}),
	page('questions', 'Questions', { route: '/questions', href: () => resolve('/questions'), also: 'disagree sources' }),
	page('complaints', 'Complaints', { route: '/complaints', href: () => resolve('/complaints') }),
	page('new-complaint', 'File a complaint', {
		route: '/complaints/new',
		href: () => resolve('/complaints/new'),
		also: 'something came back'
	}),
	page('follow-ups', 'Ask after fittings', {
		route: '/follow-ups',
		href: () => resolve('/follow-ups'),
		also: 'follow up customers'
	}),
	page('learned', 'What we learned this month', {
		route: '/learned/[[month]]',
		href: () => resolve('/learned/[[month]]', { month: undefined })
	}),
	page('reference', 'Lamp categories', {
		route: '/reference',
		href: () => resolve('/reference'),
		also: 'reference caps bases'
	}),
	page('which-lamp', 'Which lamp is this?', {
		route: '/reference/lamps',
		href: () => resolve('/reference/lamps'),
		also: 'find by looks bulb shape cap pins'
	}),
	page('interchange', 'Interchange map', {
		route: '/reference/interchange',
		href: () => resolve('/reference/interchange'),
		also: 'same lamp number'
	})
];
