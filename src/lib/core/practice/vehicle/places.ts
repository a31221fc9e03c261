import type { FunctionId, RuleFamily } from '../../lamps';
import { VEHICLE_KINDS, type Zone } from '../../model';

/** Kinds of vehicles that are made for practice. */
export type MadeKind = (typeof VEHICLE_KINDS)[number];

/** A place of a made vehicle: the lamps it may have in each family of rules, as `CATEGORY LENS`. */
export interface MadePlace {
	zone: Zone;
	functions: readonly FunctionId[];
	kinds: readonly MadeKind[];
	/** How often it is there, 0 to 1. */
	share: number;
	lamps: Readonly<Record<RuleFamily, readonly string[]>>;
	optic?: 'reflector' | 'projector';
	/** Places of one group exclude each other: one of them is there. */
	group?: string;
}

const EVERY = VEHICLE_KINDS;
const ON_FOUR: readonly MadeKind[] = ['car', 'suv', 'van', 'pickup', 'bus', 'lorry'];
const POWERED: readonly MadeKind[] = [...ON_FOUR, 'motorcycle'];

/** What a made vehicle may carry, in walking order. A new place is one entry here. */
export const MADE_PLACES: readonly MadePlace[] = [
	{
		zone: 'front',
		functions: ['low-beam', 'high-beam'],
		kinds: POWERED,
		share: 0.35,
		group: 'headlamp',
		optic: 'reflector',
		lamps: { UN: ['H4 clear'], US: [] }
	},
	{
		zone: 'front',
		functions: ['low-beam'],
		kinds: POWERED,
		share: 0.6,
		group: 'headlamp',
		optic: 'reflector',
		lamps: { UN: ['H7 clear', 'H11 clear', 'H1 clear'], US: ['H11 clear', 'HB4 clear'] }
	},
	{
		zone: 'front',
		functions: ['low-beam'],
		kinds: ON_FOUR,
		share: 1,
		group: 'headlamp',
		optic: 'projector',
		lamps: { UN: ['H7 clear', 'H11 clear'], US: ['H11 clear', 'HB4 clear'] }
	},
	{
		zone: 'front',
		functions: ['front-position'],
		kinds: EVERY,
		share: 0.85,
		lamps: { UN: ['W5W clear', 'T4W clear'], US: ['168 clear', '194 clear'] }
	},
	{
		zone: 'front',
		functions: ['drl'],
		kinds: ON_FOUR,
		share: 0.4,
		lamps: { UN: ['P21W clear', 'W21W clear'], US: ['7440 clear', '3156 clear'] }
	},
	{
		zone: 'front',
		functions: ['turn'],
		kinds: POWERED,
		share: 1,
		lamps: {
			UN: ['PY21W clear', 'WY21W clear', 'P21W amber', 'W21W amber'],
			US: ['7440A clear', '1156 amber', '3156 amber']
		}
	},
	{
		zone: 'front',
		functions: ['fog'],
		kinds: ON_FOUR,
		share: 0.5,
		optic: 'reflector',
		lamps: { UN: ['H8 clear', 'H11 clear', 'H1 clear'], US: ['HB4 clear', 'H8 clear'] }
	},
	{
		zone: 'side',
		functions: ['turn'],
		kinds: ON_FOUR,
		share: 0.7,
		lamps: { UN: ['WY5W clear', 'W5W amber'], US: ['168 amber', '194 amber'] }
	},
	{
		zone: 'side',
		functions: ['side-marker'],
		kinds: ['van', 'pickup', 'bus', 'lorry', 'trailer'],
		share: 0.8,
		lamps: { UN: ['W5W amber', 'R5W amber'], US: ['168 amber', '194 amber'] }
	},
	{
		zone: 'rear',
		functions: ['turn'],
		kinds: EVERY,
		share: 1,
		lamps: { UN: ['PY21W clear', 'WY21W clear', 'P21W amber'], US: ['1156 amber', '7440 amber', '3156 amber'] }
	},
	{
		zone: 'rear',
		functions: ['stop', 'tail'],
		kinds: EVERY,
		share: 0.65,
		group: 'stop',
		lamps: { UN: ['P21/5W red', 'W21/5W red'], US: ['1157 red', '7443 red', '3157 red'] }
	},
	{
		zone: 'rear',
		functions: ['stop'],
		kinds: EVERY,
		share: 1,
		group: 'stop',
		lamps: { UN: ['P21W red', 'W21W red'], US: ['1156 red', '7440 red'] }
	},
	{
		zone: 'rear',
		functions: ['rear-fog'],
		kinds: ['car', 'suv', 'van', 'bus', 'lorry', 'trailer'],
		share: 0.7,
		lamps: { UN: ['P21W red', 'W16W red'], US: [] }
	},
	{
		zone: 'rear',
		functions: ['reverse'],
		kinds: ON_FOUR,
		share: 0.95,
		lamps: { UN: ['W16W clear', 'P21W clear', 'W21W clear'], US: ['921 clear', '1156 clear', '3156 clear'] }
	},
	{
		zone: 'rear',
		functions: ['licence-plate'],
		kinds: EVERY,
		share: 0.95,
		lamps: { UN: ['W5W clear', 'C5W clear'], US: ['168 clear', '194 clear'] }
	},
	{
		zone: 'rear',
		functions: ['chmsl'],
		kinds: ON_FOUR,
		share: 0.8,
		lamps: { UN: ['W16W red', 'W5W red'], US: ['921 red', '168 red'] }
	},
	{
		zone: 'cabin',
		functions: ['dome'],
		kinds: ON_FOUR,
		share: 0.95,
		lamps: { UN: ['C10W clear', 'festoon 41 mm clear', 'W5W clear'], US: ['DE3175 clear', '578 clear'] }
	},
	{
		zone: 'cabin',
		functions: ['map'],
		kinds: ['car', 'suv', 'pickup'],
		share: 0.6,
		lamps: { UN: ['W5W clear', 'C5W clear'], US: ['168 clear', '194 clear'] }
	},
	{
		zone: 'cabin',
		functions: ['glovebox'],
		kinds: ['car', 'suv'],
		share: 0.5,
		lamps: { UN: ['W5W clear', 'C5W clear'], US: ['194 clear'] }
	},
	{
		zone: 'luggage',
		functions: ['luggage'],
		kinds: ['car', 'suv', 'van'],
		share: 0.7,
		lamps: { UN: ['C5W clear', 'W5W clear'], US: ['578 clear', '168 clear'] }
	}
];

/** Lamp category and lens of a lamp of a place. @example lampOf('festoon 41 mm clear') // { category: 'festoon 41 mm', lens: 'clear' } */
export function lampOf(text: string): { category: string; lens: string } {
	const cut = text.lastIndexOf(' ');
	return { category: text.slice(0, cut), lens: text.slice(cut + 1) };
}
