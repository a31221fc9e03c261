import { lampFunction } from '../../../lamps';
import { filamentSource, regionOf } from '../../../optics';
import { isOwnFilament } from '../../cases';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Where no rule asks for a colour, the light should still be of the kind the filament lamp gave; another colour is for the customer to ask for. */
export const cabinColourRule: Rule = ({ socket, category, family, lens, through, source }, product) => {
	const { light } = product;
	if (socket.functions.some((id) => lampFunction(id).colours)) return null;
	if (!lens && isOwnFilament(category, product))
		return finding('colour.own-filament', null, { level: 'pass', source: { kind: 'usual-practice' } });
	if (!lens) return finding('colour.lens-unknown', null, { level: 'unknown', source: source('lens') });
	if (!light) return finding('colour.source-unknown', null, { level: 'unknown', source: MAKER });
	const region = regionOf(through(light, lens), family ?? 'UN');
	const stock = regionOf(through(filamentSource(category), lens), family ?? 'UN');
	const data = { region, stock };
	return region === stock
		? finding('colour.cabin.alike', data, { level: 'pass', source: { kind: 'colour-names' } })
		: finding('colour.cabin.other', data, { level: 'unknown', source: { kind: 'colour-names' } });
};
