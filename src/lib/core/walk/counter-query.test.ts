import { describe, expect, it } from 'vitest';
import { readCounterQuery, sideAsked } from '.';

describe('readCounterQuery', () => {
	const read = (text: string) => readCounterQuery(text, (word) => ['skerry', 'sk', '2018', 'tail'].includes(word));

	it.each([
		['skerry 2018 rear indicator', ['turn'], 'rear'],
		['sk dipped beam', ['low-beam'], null],
		['skerry main beam', ['high-beam'], null],
		['skerry number plate', ['licence-plate'], null],
		['skerry high', ['high-beam'], null],
		['skerry third brake light', ['chmsl'], null],
		['skerry headl', ['low-beam', 'high-beam'], null]
	])('%s', (text, functions, zone) => {
		expect(read(text)).toMatchObject({ functions, zone });
	});

	it('a side is a side, a word a vehicle answers to stays with the vehicle', () => {
		expect(read('skerry left fog')).toMatchObject({ vehicle: ['skerry'], side: 'left', functions: ['fog'] });
		expect(read('tail 2018')).toMatchObject({ vehicle: ['tail', '2018'], functions: [] });
	});

	it('words nobody knows are asked of the vehicles', () => {
		expect(read('zebra fog').vehicle).toEqual(['zebra']);
	});

	it.each([
		['skerry boot light', { functions: ['luggage'] }],
		['skerry mirror indicator', { functions: ['turn'], zone: 'side' }],
		['skerry tag lamp bulb', { functions: ['licence-plate'] }],
		['skerry rear fog light', { functions: ['rear-fog'] }],
		['skerry fog light at the rear', { functions: ['rear-fog'], zone: 'rear' }],
		['skerry hi beam bulbs', { functions: ['high-beam'] }],
		['skerry brake lights x2', { functions: ['stop'] }],
		["skerry driver's side low beam", { functions: ['low-beam'], role: 'driver' }],
		['skerry red lens tail', { functions: [], vehicle: ['skerry', 'tail'] }],
		['skerry kit', { kit: true, functions: [] }],
		['skerry H7', { category: 'H7', vehicle: ['skerry'] }],
		["skerry '06 fog", { vehicle: ['skerry', '2006'], functions: ['fog'] }],
		['skerry 98 fog', { vehicle: ['skerry', '1998'], functions: ['fog'] }],
		['What bulb do I need for a Skerry indicator, please?', { vehicle: ['skerry'], functions: ['turn'] }],
		['skerry 2018: reverse (left)', { vehicle: ['skerry', '2018'], functions: ['reverse'], side: 'left' }],
		['skerry h11?', { vehicle: ['skerry'], category: 'H11' }],
		['skerry brake ligth', { functions: ['stop'], vehicle: ['skerry'], slips: [{ typed: 'ligth', as: 'light' }] }],
		['skerry indcator', { functions: ['turn'], slips: [{ typed: 'indcator', as: 'indicator' }] }],
		['skerry headlihgt', { functions: ['low-beam', 'high-beam'], slips: [{ typed: 'headlihgt', as: 'headlight' }] }],
		['hi, do you have fog bulbs for a skerry?', { vehicle: ['skerry'], functions: ['fog'] }],
		['hi beam skerry', { vehicle: ['skerry'], functions: ['high-beam'] }],
		['skerry left stop light out', { vehicle: ['skerry'], functions: ['stop'], side: 'left' }],
		['full kit for my skerry', { vehicle: ['skerry'], kit: true }],
		['skerry numberplate', { vehicle: ['skerry'], functions: ['licence-plate'] }],
		['skerry white fog 6000k', { vehicle: ['skerry'], functions: ['fog'], passed: ['white', '6000k'] }],
		['skerry amber repeater', { vehicle: ['skerry'], functions: ['turn'], passed: ['amber'] }],
		['skerry us h11', { vehicle: ['skerry'], category: 'H11', family: 'US' }],
		['european skerry fog', { vehicle: ['skerry'], functions: ['fog'], family: 'UN' }],
		// What could be two things is read as none.
		['skerry night', { vehicle: ['skerry', 'night'], side: null, slips: [] }]
	])('%s', (text, expected) => {
		expect(read(text)).toMatchObject(expected);
	});

	it('the driver sits where the steering is', () => {
		const query = read("skerry driver's side fog");
		expect([sideAsked(query, { steering: 'left' }), sideAsked(query, { steering: 'right' })]).toEqual([
			'left',
			'right'
		]);
	});

	it('a word for a kit that a vehicle answers to is left to the vehicle', () => {
		const query = readCounterQuery('fox kit fog', (word) => ['fox', 'kit'].includes(word));
		expect(query).toMatchObject({ vehicle: ['fox', 'kit'], kit: false, functions: ['fog'] });
	});
});
