import { z } from 'zod';
import { COOLINGS, LIGHT_COLOURS, PRODUCT_MODES, PRODUCT_WIRINGS } from '$lib/core/model/enumerations';
import type { Product } from '$lib/core/model';
import { categoryOrNull } from '$lib/core/lamps';
import { readDocument } from '$lib/core/exchange';
import { err, ok, summarise, type Result } from '$lib/core/result';

const number = (label: string, least: number, most: number) =>
	z.coerce
		.number(`${label} must be a number`)
		.min(least, `${label} must be at least ${least}`)
		.max(most, `${label} must be at most ${most}`);
const optional = (label: string, least: number, most: number) =>
	z.preprocess((value) => (value === '' ? undefined : value), number(label, least, most).optional());

const fields = z.object({
	category: z.string().trim().min(1, 'The lamp category is missing'),
	colour: z.enum(LIGHT_COLOURS, 'The colour is missing'),
	tone: optional('Colour temperature or peak', 400, 20000),
	modes: z.enum(PRODUCT_MODES).default('single'),
	wiring: z.preprocess((value) => (value === '' ? undefined : value), z.enum(PRODUCT_WIRINGS).optional()),
	lumens: number('Luminous flux', 0, 10000),
	minor: optional('Luminous flux of the dim mode', 0, 10000),
	watts: number('Power', 0, 200),
	frontLength: optional('Length', 0, 300),
	frontDiameter: optional('Diameter', 0, 300),
	rearLength: optional('Length behind', 0, 300),
	rearDiameter: optional('Diameter behind', 0, 300),
	length: optional('Length over the caps', 0, 100),
	voltsFrom: optional('Lowest supply', 0, 100),
	voltsTo: optional('Highest supply', 0, 100),
	limit: optional('Body temperature it stands', 40, 300),
	cooling: z.enum(COOLINGS).optional().catch(undefined)
});

const PEAK: Record<string, number> = { red: 625, amber: 592 };
/** Share of the bright mode's power that a dim mode takes where nobody says. An assumption. */
const DIM_SHARE = 0.1;

/** Reads a product that somebody thinks of buying: what a supplier's offer says of it. Everything else is as in a careful lamp of its kind. */
export function readTryOut(form: FormData): Result<Product, string> {
	const read = fields.safeParse(Object.fromEntries(form));
	if (!read.success) return err(`${read.error.issues[0]?.message ?? 'Something is missing'}.`);
	const { category: name, colour, tone, modes, wiring, lumens, minor, watts, length, ...more } = read.data;
	const { voltsFrom, voltsTo, limit, cooling, ...size } = more;
	const category = categoryOrNull(name);
	if (!category) return err(`"${name}" is no lamp category that is known, or not one alone.`);
	const flange = category.mount === 'flange';
	const dual = modes !== 'single';
	const product = {
		id: 'try-out',
		maker: 'offered',
		name: `${category.category} as offered`,
		kind: 'led',
		fits: [category.category],
		...(wiring ? { wiring } : {}),
		modes: [modes],
		colour: { kind: colour, ...(colour === 'white' ? { cct: tone ?? 5000 } : { peak: tone ?? PEAK[colour] }) },
		emission: flange ? 'sided' : 'all-round',
		flux: { claimed: lumens, per: 'lamp', ...(minor === undefined ? {} : { minor }) },
		power: { at13v5: watts, ...(dual ? { minor: watts * DIM_SHARE } : {}) },
		polarity: 'free',
		size: {
			...Object.fromEntries(Object.entries(size).filter(([, mm]) => mm !== undefined)),
			...(category.mount === 'festoon' ? { length: length ?? category.length } : {}),
			...(flange && category.lightCentre ? { lightCentre: category.lightCentre.mm } : {})
		},
		...(flange ? { collar: 'adjustable', emitterAngle: 90 } : {}),
		cooling: cooling ?? (flange ? 'fins' : 'none'),
		...(limit === undefined ? {} : { limit }),
		...(voltsFrom === undefined || voltsTo === undefined ? {} : { volts: [voltsFrom, voltsTo] }),
		driver: { where: 'none' },
		ip: 'IP67',
		packs: []
	};
	const document = readDocument({ format: 'rotalux/1', products: [product] });
	return document.ok ? ok(document.value.products[0] as Product) : err(`${summarise(document.error)}.`);
}
