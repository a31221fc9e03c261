import { err, ok, type Problem, type Result } from '../result';
import { valueAt, withValueAt } from '../vehicle';
import { ACCESSORY_KINDS, SCOPES, USED_PER } from '../model/accessory';
import { LIGHT_COLOURS } from '../model/product';
import { COLUMNS, fromCell, toCell, type CellKind } from './sheets';

/** Which shelf of the stock a form is for. */
export type Shelf = 'products' | 'accessories';

/** One field of the form of a product or accessory. */
export interface StockField {
	/** Path in the record, and name of the field. */
	path: string;
	label: string;
	unit: string;
	kind: CellKind;
	choices: readonly string[];
	/** Said below the field. */
	hint: string;
}

type Spec = [path: string, label: string, unit?: string, more?: { choices?: readonly string[]; hint?: string }];

/** Groups of fields in the order of a form. A new field of the format is an entry here and a column of its sheet. */
const FORMS: Record<Shelf, readonly { title: string; fields: readonly Spec[] }[]> = {
	products: [
		{
			title: 'What it is',
			fields: [
				['maker', 'Maker'],
				['name', 'Name'],
				['kind', 'Kind', '', { choices: ['led', 'halogen', 'assembly'] }],
				['fits', 'Made for', '', { hint: 'lamp categories, parted by | such as P21W | 1156' }],
				['modes', 'Modes', '', { hint: 'single, dual, switchback-a or switchback-b' }],
				['wiring', 'Twin-contact wiring', '', { choices: ['standard', 'crossed', 'both'] }]
			]
		},
		{
			title: 'Light',
			fields: [
				['colour.kind', 'Colour', '', { choices: LIGHT_COLOURS }],
				['colour.cct', 'Colour temperature', 'K'],
				['colour.peak', 'Peak wavelength', 'nm'],
				['emission', 'Shines', '', { choices: ['all-round', 'sided', 'end'] }],
				['flux.claimed', 'Flux, claimed', 'lm'],
				['flux.per', 'Claimed per', '', { choices: ['lamp', 'pair'] }],
				['flux.measured', 'Flux, measured', 'lm'],
				['flux.minor', 'Flux of the dim mode', 'lm']
			]
		},
		{
			title: 'Electrics',
			fields: [
				['power.at13v5', 'Power at 13.5 V', 'W'],
				['power.minor', 'Power of the dim mode', 'W'],
				['builtInLoad', 'Built-in load', 'W'],
				['turnOn', 'Lights from', 'V'],
				['startUp', 'Start-up time', 's'],
				['polarity', 'Polarity', '', { choices: ['sensitive', 'free'] }],
				['driver.where', 'Driver', '', { choices: ['inline', 'none'] }]
			]
		},
		{
			title: 'Body',
			fields: [
				['size.frontLength', 'Front length', 'mm'],
				['size.frontDiameter', 'Front diameter', 'mm'],
				['size.lightCentre', 'Light centre', 'mm'],
				['size.rearLength', 'Rear length', 'mm'],
				['size.rearDiameter', 'Rear diameter', 'mm'],
				['size.length', 'Length over the caps', 'mm', { hint: 'festoons' }],
				['collar', 'Collar', '', { choices: ['fixed', 'adjustable', 'removable'] }],
				['emitterAngle', 'Emitter angle', '°'],
				['cooling', 'Cooling', '', { choices: ['none', 'fins', 'fan', 'strap'] }],
				['limit', 'Temperature limit', 'C'],
				['ip', 'Ingress code'],
				['life', 'Life, claimed', 'h']
			]
		}
	],
	accessories: [
		{
			title: 'What it is',
			fields: [
				['name', 'Name'],
				['kind', 'Kind', '', { choices: ACCESSORY_KINDS }],
				['scope', 'One serves a', '', { choices: SCOPES }],
				['use.per', 'A consumable counts by', '', { choices: USED_PER }],
				['use.amount', 'Pieces used for each'],
				['fits.categories', 'For lamp categories', '', { hint: 'parted by |; empty for all' }],
				['fits.families', 'For vehicles', '', { hint: 'make and model, parted by |; empty for all' }],
				['fits.pins', 'Flasher pins']
			]
		},
		{
			title: 'Numbers',
			fields: [
				['resistance', 'Resistance', 'ohm'],
				['rating', 'Rating', 'W'],
				['extraDepth', 'Adds depth', 'mm'],
				['port', 'Port', 'mm'],
				['capacitance', 'Capacitance', 'F']
			]
		}
	]
};

const kindOf = (shelf: Shelf, path: string): CellKind =>
	COLUMNS[shelf].find((column) => column.path === path)?.kind ?? 'text';

/** The form of a shelf: its groups of fields. */
export function stockForm(shelf: Shelf): { title: string; fields: StockField[] }[] {
	return FORMS[shelf].map(({ title, fields }) => ({
		title,
		fields: fields.map(([path, label, unit = '', { choices = [], hint = '' } = {}]) => ({
			path,
			label,
			unit,
			kind: kindOf(shelf, path),
			choices,
			hint
		}))
	}));
}

/** The values of a record as the fields of its form show them. */
export function formValues(shelf: Shelf, record: object): Record<string, string> {
	const fields = stockForm(shelf).flatMap((group) => group.fields);
	return Object.fromEntries(fields.map(({ path, kind }) => [path, String(toCell(kind, valueAt(record, path)))]));
}

/**
 * A record with what a form says: an empty field takes its fact away; what the form does not show stays.
 * Says for each field what cannot be read.
 */
export function withFormValues(
	shelf: Shelf,
	record: object,
	values: Readonly<Record<string, string>>
): Result<object, Problem[]> {
	const problems: Problem[] = [];
	let next = record;
	for (const { path, label, kind } of stockForm(shelf).flatMap((group) => group.fields)) {
		const text = values[path]?.trim();
		if (text === undefined) continue;
		if (text === '') next = withValueAt(next, path, undefined);
		else {
			const read = fromCell(kind, text);
			if (read.ok) next = withValueAt(next, path, read.value);
			else problems.push({ path, message: `${label} ${read.error}` });
		}
	}
	return problems.length > 0 ? err(problems) : ok(next);
}
