/** One kind of lamp of the list: what every lamp of it has, and the ends between which they differ. */
interface Kind {
	category: string;
	colour: 'white' | 'amber' | 'red';
	watts: readonly [number, number];
	length: readonly [number, number];
	across: number;
	price: readonly [number, number];
	/** Cells that only some kinds have, by heading. */
	more?: Readonly<Record<string, string | number>>;
}

const BEAM = { 'Light centre mm': 25, 'Rear length mm': 38, 'Rear diameter mm': 38, Cooling: 'fan' };
const KINDS: readonly Kind[] = [
	{ category: 'H7', colour: 'white', watts: [14, 18], length: [40, 44], across: 17, price: [59, 89], more: BEAM },
	{ category: 'HB3', colour: 'white', watts: [14, 18], length: [38, 42], across: 18, price: [59, 89], more: BEAM },
	{ category: 'H11', colour: 'white', watts: [14, 18], length: [38, 42], across: 18, price: [59, 89], more: BEAM },
	{ category: 'W5W', colour: 'white', watts: [0.5, 1.2], length: [18, 22], across: 9, price: [5, 9] },
	{ category: 'W5W', colour: 'amber', watts: [0.5, 0.8], length: [18, 22], across: 9, price: [5, 9] },
	{ category: 'WY21W', colour: 'amber', watts: [2, 4], length: [34, 38], across: 18, price: [18, 26] },
	{ category: 'PY21W', colour: 'amber', watts: [2, 4], length: [34, 38], across: 18, price: [18, 26] },
	{
		category: 'P21/5W',
		colour: 'red',
		watts: [2.5, 3.5],
		length: [34, 38],
		across: 18,
		price: [18, 26],
		more: { Modes: 'dual', 'Dim lumens': 35 }
	},
	{ category: 'P21W', colour: 'white', watts: [2, 3], length: [34, 38], across: 18, price: [14, 22] },
	{ category: 'W16W', colour: 'white', watts: [2, 3], length: [30, 34], across: 15, price: [12, 18] }
];
const WAVELENGTH = { amber: 591, red: 625 };
const HEADINGS = [
	'Article no',
	'Brand',
	'Description',
	'Bulb type',
	'Technology',
	'Colour',
	'Kelvin',
	'Wavelength nm',
	'Power W',
	'Lumens',
	'Front length mm',
	'Front diameter mm',
	'Light centre mm',
	'Rear length mm',
	'Rear diameter mm',
	'Cooling',
	'Modes',
	'Dim lumens',
	'Limit C',
	'Polarity',
	'Pack size',
	'Price EUR',
	'On hand',
	'Bin'
];
const LUMENS_A_WATT = 150;

function cells(kind: Kind, n: number): Record<string, string | number> {
	const series = Math.floor(n / KINDS.length);
	const at = ((series * 37) % 10) / 10;
	const between = ([low, high]: readonly [number, number]) => low + (high - low) * at;
	return {
		'Article no': `AB-${1000 + n}`,
		Brand: 'Tindelys',
		Description: `Series ${series + 1} ${kind.category} ${kind.colour}`,
		'Bulb type': kind.category,
		Technology: 'LED',
		Colour: kind.colour,
		...(kind.colour === 'white' ? { Kelvin: 4300 + 500 * (series % 4) } : { 'Wavelength nm': WAVELENGTH[kind.colour] }),
		'Power W': between(kind.watts).toFixed(1),
		Lumens: Math.round(between(kind.watts) * LUMENS_A_WATT),
		'Front length mm': between(kind.length).toFixed(1),
		'Front diameter mm': kind.across,
		'Limit C': 130,
		Polarity: 'either',
		'Pack size': 2,
		'Price EUR': between(kind.price).toFixed(2).replace('.', ','),
		'On hand': 10 + series,
		Bin: `A${series}`,
		...kind.more
	};
}

/** A price list as a supplier sends it: a CSV with headings and amounts of their own, `count` lamps of the usual categories. */
export function supplierPriceList(count: number): string {
	const rows = Array.from({ length: count }, (_, n) => cells(KINDS[n % KINDS.length] as Kind, n));
	return [HEADINGS, ...rows.map((row) => HEADINGS.map((heading) => row[heading] ?? ''))]
		.map((line) => line.join(';'))
		.join('\n');
}
