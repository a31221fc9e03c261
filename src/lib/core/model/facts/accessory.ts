import { ACCESSORY_KINDS, SCOPES, USED_PER } from '../enumerations';
import { plainChoices, type FactTable } from './fact';

const WHAT = 'What it is';
const NUMBERS = 'Numbers';

/** Facts of anything in a kit that is not a lamp, in the order of its form. */
export const ACCESSORY_FACTS = {
	id: { kind: 'text', label: 'Id', sheet: { heading: 'id', also: ['accessory', 'accessory id'] } },
	name: {
		kind: 'text',
		label: 'Name',
		sheet: { heading: 'name', also: ['description', 'title'] },
		form: { group: WHAT }
	},
	kind: {
		kind: 'choice',
		label: 'Kind',
		choices: plainChoices(ACCESSORY_KINDS),
		sheet: { heading: 'kind', also: ['type'] },
		form: { group: WHAT }
	},
	scope: {
		kind: 'choice',
		label: 'One serves a',
		choices: plainChoices(SCOPES),
		sheet: { heading: 'scope' },
		form: { group: WHAT }
	},
	'use.per': {
		kind: 'choice',
		label: 'A consumable counts by',
		choices: plainChoices(USED_PER),
		sheet: { heading: 'usedPer', also: ['used per'] },
		form: { group: WHAT }
	},
	'use.amount': {
		kind: 'number',
		label: 'Pieces used for each',
		sheet: { heading: 'usedAmount', also: ['used amount'] },
		form: { group: WHAT }
	},
	volts: { kind: 'json', label: 'Works on', unit: 'V', sheet: { heading: 'volts', also: ['voltage', 'supply'] } },
	'fits.categories': {
		kind: 'names',
		label: 'For lamp categories',
		sheet: { heading: 'categories', also: ['made for', 'fits'] },
		form: { group: WHAT, hint: 'empty for all' }
	},
	'fits.families': {
		kind: 'lines',
		label: 'For vehicles',
		sheet: { heading: 'families', also: ['vehicles'] },
		form: { group: WHAT, hint: 'make and model; empty for all' }
	},
	'fits.pins': { kind: 'count', label: 'Flasher pins', sheet: { heading: 'pins' }, form: { group: WHAT } },
	resistance: {
		kind: 'number',
		label: 'Resistance',
		unit: 'ohm',
		sheet: { heading: 'resistance', also: ['ohm', 'ohms'] },
		form: { group: NUMBERS }
	},
	rating: {
		kind: 'number',
		label: 'Rating',
		unit: 'W',
		sheet: { heading: 'rating', also: ['rated watts'] },
		form: { group: NUMBERS }
	},
	extraDepth: {
		kind: 'number',
		label: 'Adds depth',
		unit: 'mm',
		sheet: { heading: 'extraDepth', also: ['extra depth'] },
		form: { group: NUMBERS }
	},
	port: { kind: 'number', label: 'Port', unit: 'mm', sheet: { heading: 'port' }, form: { group: NUMBERS } },
	capacitance: {
		kind: 'number',
		label: 'Capacitance',
		unit: 'F',
		sheet: { heading: 'capacitance', also: ['farad'] },
		form: { group: NUMBERS }
	}
} as const satisfies FactTable;
