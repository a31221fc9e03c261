import type { CellKind } from './cells';

/** One column of a sheet: its heading, where its value stands in the record, and how it is written. */
export interface Column {
	heading: string;
	/** Dotted path in the record; empty for the column that says which vehicle a row belongs to. */
	path: string;
	kind: CellKind;
	/** What others call it. */
	also?: readonly string[];
}

export const SHEETS = ['vehicles', 'sockets', 'channels', 'evidence', 'units', 'products', 'accessories'] as const;
export type SheetName = (typeof SHEETS)[number];

const text = (heading: string, path = heading, also: readonly string[] = []): Column => ({
	heading,
	path,
	kind: 'text',
	also
});
const number = (heading: string, path = heading, also: readonly string[] = []): Column => ({
	heading,
	path,
	kind: 'number',
	also
});
const WHOSE = text('configuration', '', ['vehicle', 'vehicle id', 'car', 'model id']);
/** Whatever a record holds beyond the columns, so that nothing is lost on the way out and back. */
const MORE: Column = { heading: 'more', path: 'more', kind: 'json' };

const lines = (heading: string, path = heading, also: readonly string[] = []): Column => ({
	heading,
	path,
	kind: 'lines',
	also
});
/** How a thing is sold; a row of a product or accessory is about one pack of it, or about none. */
const PACK: readonly Column[] = [
	text('sku', 'pack.sku', ['article', 'article no', 'item', 'item no', 'part number']),
	number('count', 'pack.count', ['pieces', 'pack size', 'per pack', 'qty per pack']),
	number('price', 'pack.price', ['price minor', 'cents']),
	number('stock', 'pack.stock', ['on hand', 'in stock', 'quantity', 'qty']),
	number('cost', 'pack.cost', ['purchase price', 'buying price']),
	text('shelf', 'pack.shelf', ['bin', 'location of stock'])
];

/** Every sheet with its columns. A new field of the format is one entry here. */
export const COLUMNS: Readonly<Record<SheetName, readonly Column[]>> = {
	vehicles: [
		text('id', 'id', ['vehicle', 'vehicle id']),
		text('make'),
		text('model'),
		{ heading: 'names', path: 'names', kind: 'lines' },
		text('generation'),
		number('from', 'years.0', ['year from', 'first year']),
		number('to', 'years.1', ['year to', 'last year']),
		text('body'),
		text('kind'),
		text('market'),
		text('steering'),
		{ heading: 'options', path: 'options', kind: 'pairs' },
		{ heading: 'tells', path: 'tells', kind: 'lines' },
		{ heading: 'walk', path: 'walk', kind: 'list' },
		{ heading: 'absent', path: 'absent', kind: 'list' },
		{ heading: 'flasher', path: 'flasher', kind: 'json' },
		{ heading: 'access', path: 'access', kind: 'json' },
		MORE
	],
	sockets: [
		WHOSE,
		text('id', 'id', ['socket', 'position id']),
		text('zone', 'zone', ['position', 'location']),
		text('side'),
		number('index', 'index', ['no', 'number']),
		{ heading: 'functions', path: 'functions', kind: 'list', also: ['function', 'use', 'lamp function'] },
		{ heading: 'names', path: 'names', kind: 'lines' },
		text('category', 'category', ['bulb', 'lamp', 'bulb type', 'lamp type', 'lamp category', 'bulb size']),
		text('wiring'),
		text('state'),
		text('optic', 'optic', ['reflector/projector', 'housing']),
		text('lens', 'lens', ['lens colour', 'lens color']),
		number('frontLength', 'envelope.frontLength', ['front length']),
		number('frontDiameter', 'envelope.frontDiameter', ['front diameter']),
		number('rearDepth', 'envelope.rearDepth', ['rear depth', 'depth behind']),
		number('rearDiameter', 'envelope.rearDiameter', ['rear diameter']),
		number('opening', 'envelope.opening'),
		number('holderLength', 'envelope.holderLength', ['holder length']),
		text('entry', 'envelope.entry'),
		text('cap', 'cap.kind'),
		number('capDepth', 'cap.depth', ['cap depth']),
		text('retention', 'retention', ['held by']),
		number('keyAngle', 'keyAngle', ['key angle']),
		text('surface'),
		text('unit', 'unit.id'),
		text('unitPlace', 'unit.place'),
		MORE
	],
	channels: [
		WHOSE,
		text('id', 'id', ['channel']),
		{ heading: 'feeds', path: 'feeds', kind: 'list' },
		text('feed', 'feed.kind'),
		number('frequency', 'feed.frequency', ['hz']),
		{ heading: 'duty', path: 'feed.duty', kind: 'pairs' },
		number('fuse'),
		text('monitor', 'monitor.kind'),
		number('minCurrent', 'monitor.minCurrent', ['min current']),
		number('maxOhm', 'monitor.maxOhm', ['max ohm']),
		text('message'),
		MORE
	],
	evidence: [
		WHOSE,
		text('subject', 'subject'),
		text('id', 'id', ['of']),
		text('fact'),
		text('value'),
		text('source'),
		text('on', 'on', ['date']),
		text('by', 'by', ['person']),
		text('note'),
		{ heading: 'overruled', path: 'overruled', kind: 'json' },
		MORE
	],
	units: [
		text('id'),
		text('name'),
		{ heading: 'marks', path: 'marks', kind: 'lines' },
		{ heading: 'sockets', path: 'sockets', kind: 'json' },
		MORE
	],
	products: [
		text('id', 'id', ['product', 'product id']),
		text('maker', 'maker', ['brand', 'manufacturer']),
		text('name', 'name', ['description', 'title']),
		text('kind', 'kind', ['type']),
		lines('fits', 'fits', ['made for', 'bulb', 'lamp category', 'base', 'socket']),
		text('wiring'),
		{ heading: 'modes', path: 'modes', kind: 'list' },
		text('colour', 'colour.kind', ['color', 'light']),
		number('cct', 'colour.cct', ['kelvin', 'colour temperature', 'color temperature']),
		number('peak', 'colour.peak', ['wavelength', 'nm']),
		text('emission'),
		number('claimed', 'flux.claimed', ['lumen', 'lumens', 'lm', 'flux']),
		text('per', 'flux.per'),
		number('measured', 'flux.measured', ['measured lumens']),
		number('minorFlux', 'flux.minor', ['dim lumens']),
		number('at13v5', 'power.at13v5', ['power', 'watt', 'watts', 'w']),
		number('minor', 'power.minor', ['dim power']),
		number('turnOn', 'turnOn', ['turn on']),
		number('startUp', 'startUp', ['start up']),
		number('builtInLoad', 'builtInLoad', ['built in load']),
		text('polarity'),
		number('frontLength', 'size.frontLength', ['front length']),
		number('frontDiameter', 'size.frontDiameter', ['front diameter']),
		number('lightCentre', 'size.lightCentre', ['light centre', 'lcl']),
		number('rearLength', 'size.rearLength', ['rear length']),
		number('rearDiameter', 'size.rearDiameter', ['rear diameter']),
		number('length', 'size.length', ['festoon length']),
		text('collar'),
		number('emitterAngle', 'emitterAngle', ['emitter angle']),
		text('cooling'),
		number('limit', 'limit', ['temperature limit']),
		text('ip', 'ip', ['ingress']),
		number('life', 'life', ['hours']),
		text('driver', 'driver.where'),
		MORE,
		...PACK
	],
	accessories: [
		text('id', 'id', ['accessory', 'accessory id']),
		text('kind', 'kind', ['type']),
		text('name', 'name', ['description', 'title']),
		lines('categories', 'fits.categories', ['made for', 'fits']),
		number('pins', 'fits.pins'),
		lines('families', 'fits.families', ['vehicles']),
		text('scope'),
		text('usedPer', 'use.per', ['used per']),
		number('usedAmount', 'use.amount', ['used amount']),
		number('resistance', 'resistance', ['ohm', 'ohms']),
		number('rating', 'rating', ['rated watts']),
		number('extraDepth', 'extraDepth', ['extra depth']),
		number('port'),
		number('capacitance', 'capacitance', ['farad']),
		MORE,
		...PACK
	]
};
