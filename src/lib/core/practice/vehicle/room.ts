import { categoryOrNull, type LampCategory, type Mount } from '../../lamps';
import type { Chance } from '../chance';

/** How a lamp of a mount is held, as it is found. */
const HELD: Readonly<Record<Mount, readonly string[]>> = {
	flange: ['twist'],
	bayonet: ['twist'],
	wedge: ['push'],
	festoon: ['festoon']
};
const CLIPPED: ReadonlySet<string> = new Set(['H7', 'H1', 'H4', 'HB2']);

/** Clearance around the stock lamp, as a share of it. */
const ROOMY = [1.12, 1.6] as const;
const TIGHT = [1, 1.06] as const;
const REAR_MM = { roomy: [55, 110], tight: [22, 34] } as const;

const known = (size: number | undefined, usual: number) => size ?? usual;

function behind(chance: Chance, isTight: boolean) {
	const [low, high] = isTight ? REAR_MM.tight : REAR_MM.roomy;
	return {
		rearDepth: chance.between(low, high),
		rearDiameter: chance.between(50, 80),
		cap: { kind: isTight || chance.is(0.5) ? 'stock-sealed' : 'none' }
	};
}

/** All there is to measure at a socket: the clearance, how the lamp is held, its key and its cap. */
export function roomFor(
	category: string,
	{ isBeam, isTight }: { isBeam: boolean; isTight: boolean },
	chance: Chance
): Record<string, unknown> {
	const lamp = categoryOrNull(category) as LampCategory;
	const [low, high] = isTight ? TIGHT : ROOMY;
	const grown = (size: number) => Math.round(size * chance.between(low, high, 0.02) * 10) / 10;
	const front = { frontLength: grown(known(lamp.length, 36)), frontDiameter: grown(known(lamp.diameter, 12)) };
	const held = CLIPPED.has(category) ? chance.pick(['spring-clip', 'twist']) : chance.pick(HELD[lamp.mount]);
	const plain = { retention: held, surface: chance.pick(['plastic', 'metal-near']) };
	if (lamp.mount === 'festoon')
		return { ...plain, envelope: { frontDiameter: front.frontDiameter, holderLength: known(lamp.length, 36) } };
	if (!isBeam) return { ...plain, envelope: front };
	const { cap, ...rear } = behind(chance, isTight);
	const opening = Math.round((known(lamp.diameter, 12) + 6) * 10) / 10;
	return {
		...plain,
		envelope: { ...front, ...rear, opening, entry: 'straight' },
		cap: { ...cap, ...(cap.kind === 'none' ? {} : { depth: chance.between(10, 20) }) },
		keyAngle: chance.pick([0, 0, 0, 30, 90])
	};
}
