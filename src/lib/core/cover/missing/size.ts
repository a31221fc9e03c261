import { lightCentreOf, type LampCategory } from '../../lamps';
import type { ProductCase } from '../../match';
import type { Cover } from '../cover';
import { serves } from '../questions';
import { largestBoxes, type Box } from './boxes';
import { draftProduct, leastSize, type Draft, type Size } from './draft';
import { factIn } from './groups';
import { Trial } from './trial';
import type { Unmet } from './unmet';

/** Below this share of the stock lamp nobody makes one. An assumption. */
const SMALLEST_SHARE = 0.5;
/** Below this no driver and heat sink go behind a lamp with a flange, mm. An assumption. */
const SMALLEST_BODY_MM = 25;
/** The glass of a lamp with a flange goes this far beyond its light centre, mm. */
const BEYOND_CENTRE_MM = 15;

type Measure = keyof Size;

/** Measures at which a place may begin to refuse: what somebody measured there, and what the filament lamp had. */
function limitsNamed(
	cover: Cover,
	places: readonly Unmet[],
	{ category, measure }: { category: LampCategory; measure: Measure }
) {
	const facts = {
		frontLength: [
			['size/front', 'frontLength'],
			['size/entry', 'rearDepth']
		],
		frontDiameter: [
			['size/front', 'frontDiameter'],
			['size/front', 'opening']
		],
		rearLength: [['size/rear', 'rearDepth']],
		rearDiameter: [['size/rear', 'rearDiameter']]
	} as const;
	const caps = cover.by.shop.accessories.flatMap(({ kind, extraDepth }) =>
		kind === 'cap' && extraDepth ? [extraDepth] : []
	);
	const measured = places.flatMap(({ place }) =>
		facts[measure].flatMap(([rule, fact]) => {
			const at = cover.places[place];
			const value = at && factIn(cover, at, [rule, fact]);
			return typeof value === 'number'
				? [value, ...(measure === 'rearLength' ? caps.map((cap) => value + cap) : [])]
				: [];
		})
	);
	const centre = lightCentreOf(category)?.mm;
	const stock = {
		frontLength: category.mount === 'flange' ? centre && centre + BEYOND_CENTRE_MM : category.length,
		frontDiameter: category.diameter,
		rearLength: undefined,
		rearDiameter: undefined
	}[measure];
	const least = leastSize(category)[measure];
	return [...new Set([...measured, ...(stock ? [stock] : [])])].filter((mm) => mm > least).sort((a, b) => a - b);
}

/** The most that each place lets a lamp measure in one direction, mm, all else as in the draft. */
function mostIn(
	cover: Cover,
	{ draft, size, measure }: { draft: Draft; size: Size; measure: Measure },
	places: readonly Unmet[]
) {
	const values = [size[measure], ...limitsNamed(cover, places, { category: draft.category, measure })];
	const trial = new Trial(
		cover,
		values.map((mm) => draftProduct({ ...draft, size: { ...size, [measure]: mm } }))
	);
	return places.map(({ place }) => {
		const codes = trial.codes(place);
		let most = 0;
		values.forEach((mm, i) => {
			if (serves(codes[i] ?? Infinity)) most = Math.max(most, mm);
		});
		return most;
	});
}

/** The largest boxes of two measures inside the places. */
function boxesIn(
	cover: Cover,
	{ draft, size, measures: [along, across] }: { draft: Draft; size: Size; measures: [Measure, Measure] },
	places: readonly Unmet[]
): Box[] {
	const lengths = mostIn(cover, { draft, size, measure: along }, places);
	const diameters = mostIn(cover, { draft, size, measure: across }, places);
	return largestBoxes(
		places.map(({ weight }, i) => ({
			length: lengths[i] ?? 0,
			diameter: diameters[i] ?? 0,
			weight: Math.max(weight, Number.MIN_VALUE)
		}))
	);
}

/** The box that serves the most among those a maker can make; of none, the one that serves the most. */
function makeable(boxes: readonly Box[], least: { length: number; diameter: number }): Box | undefined {
	return boxes.find(({ length, diameter }) => length >= least.length && diameter >= least.diameter) ?? boxes[0];
}

/** The smallest body that is made for a category: what somebody sells, and at least a share of the filament lamp. */
function smallestMade(category: LampCategory, products: readonly ProductCase[]): { length: number; diameter: number } {
	const made = products.filter(
		({ product, categories }) => product.kind === 'led' && categories.some((c) => c.category === category.category)
	);
	const least = (of: 'frontLength' | 'frontDiameter', stock = 0) =>
		Math.min(SMALLEST_SHARE * stock, ...made.flatMap(({ product }) => product.size?.[of] ?? []));
	return { length: least('frontLength', category.length), diameter: least('frontDiameter', category.diameter) };
}

/** Outer measures by which the most places are served, and the other largest boxes in front, best served first. */
export function sizeFor(cover: Cover, draft: Draft, places: readonly Unmet[]): { size: Size; boxes: Box[] } {
	const { category } = draft;
	const least = leastSize(category);
	const boxes = boxesIn(cover, { draft, size: least, measures: ['frontLength', 'frontDiameter'] }, places);
	const front = makeable(boxes, smallestMade(category, cover.products));
	const size: Size = front ? { ...least, frontLength: front.length, frontDiameter: front.diameter } : least;
	if (category.mount !== 'flange') return { size, boxes };
	const behind = boxesIn(cover, { draft, size, measures: ['rearLength', 'rearDiameter'] }, places);
	const rear = makeable(behind, { length: SMALLEST_BODY_MM, diameter: SMALLEST_BODY_MM });
	return { size: rear ? { ...size, rearLength: rear.length, rearDiameter: rear.diameter } : size, boxes };
}
