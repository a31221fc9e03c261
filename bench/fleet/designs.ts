import { categoryOrNull, type FunctionId } from '../../src/lib/core/lamps';
import type { Random } from './random';
import { chance, pick } from './random';

/** One kind of lamp holder as a maker designs it: where, what for, and the lamps that were usual there, by market family. */
interface Design {
	zone: string;
	functions: readonly FunctionId[];
	UN: readonly string[];
	US: readonly string[];
	lens: readonly string[];
	/** Both sides have one, or one stands in the middle. */
	paired: boolean;
	/** Share of vehicles that have it with a filament lamp. */
	share: number;
	optic?: readonly string[];
}

/** Lamp holders in walking order. */
export const DESIGNS: readonly Design[] = [
	{
		zone: 'front',
		functions: ['low-beam'],
		UN: ['H7', 'H11', 'H1'],
		US: ['9006', 'H11', '9012'],
		lens: ['clear'],
		paired: true,
		share: 0.8,
		optic: ['reflector', 'projector']
	},
	{
		zone: 'front',
		functions: ['high-beam'],
		UN: ['H1', 'H7', 'HB3'],
		US: ['9005', 'H9'],
		lens: ['clear'],
		paired: true,
		share: 0.75,
		optic: ['reflector']
	},
	{
		zone: 'front',
		functions: ['fog'],
		UN: ['H8', 'H11', 'H3'],
		US: ['H11', '9145'],
		lens: ['clear'],
		paired: true,
		share: 0.5,
		optic: ['reflector']
	},
	{
		zone: 'front',
		functions: ['front-position'],
		UN: ['W5W', 'W3W', 'T4W'],
		US: ['168', '194'],
		lens: ['clear'],
		paired: true,
		share: 0.9
	},
	{
		zone: 'front',
		functions: ['drl'],
		UN: ['P21W', 'W21W', 'P13W'],
		US: ['3156', '7440'],
		lens: ['clear'],
		paired: true,
		share: 0.3,
		optic: ['reflector']
	},
	{
		zone: 'front',
		functions: ['turn'],
		UN: ['PY21W', 'WY21W', 'PY24W'],
		US: ['7440A', '3157A', '1156A'],
		lens: ['clear'],
		paired: true,
		share: 0.95
	},
	{
		zone: 'side',
		functions: ['turn'],
		UN: ['WY5W', 'W5W'],
		US: ['194A', '168A'],
		lens: ['clear', 'amber'],
		paired: true,
		share: 0.8
	},
	{
		zone: 'side',
		functions: ['side-marker'],
		UN: ['W5W'],
		US: ['194', '168'],
		lens: ['amber'],
		paired: true,
		share: 0.35
	},
	{
		zone: 'rear',
		functions: ['stop', 'tail'],
		UN: ['P21/5W', 'W21/5W', 'P21/4W'],
		US: ['1157', '7443', '3157'],
		lens: ['red'],
		paired: true,
		share: 0.85
	},
	{
		zone: 'rear',
		functions: ['tail'],
		UN: ['R5W', 'W5W', 'R10W'],
		US: ['194', '67'],
		lens: ['red'],
		paired: true,
		share: 0.35
	},
	{
		zone: 'rear',
		functions: ['turn'],
		UN: ['P21W', 'PY21W', 'WY21W'],
		US: ['1156', '7440A', '3156'],
		lens: ['amber', 'clear'],
		paired: true,
		share: 0.95
	},
	{
		zone: 'rear',
		functions: ['reverse'],
		UN: ['P21W', 'W16W', 'W21W'],
		US: ['921', '1156', '3156'],
		lens: ['clear'],
		paired: true,
		share: 0.9
	},
	{
		zone: 'rear',
		functions: ['rear-fog'],
		UN: ['P21W', 'W16W'],
		US: ['1156'],
		lens: ['red'],
		paired: false,
		share: 0.5
	},
	{
		zone: 'rear',
		functions: ['chmsl'],
		UN: ['W16W', 'P21W', 'W5W'],
		US: ['921', '1141'],
		lens: ['red'],
		paired: false,
		share: 0.5
	},
	{
		zone: 'rear',
		functions: ['licence-plate'],
		UN: ['W5W', 'C5W'],
		US: ['168', 'festoon 36 mm'],
		lens: ['clear'],
		paired: true,
		share: 0.95
	},
	{
		zone: 'cabin',
		functions: ['dome'],
		UN: ['C10W', 'W5W', 'C5W'],
		US: ['festoon 41 mm', '921'],
		lens: ['clear'],
		paired: false,
		share: 0.95
	},
	{ zone: 'cabin', functions: ['map'], UN: ['W5W'], US: ['168'], lens: ['clear'], paired: true, share: 0.85 },
	{ zone: 'cabin', functions: ['footwell'], UN: ['W5W'], US: ['194'], lens: ['clear'], paired: true, share: 0.4 },
	{ zone: 'cabin', functions: ['vanity'], UN: ['C5W', 'W1.2W'], US: ['37'], lens: ['clear'], paired: true, share: 0.5 },
	{
		zone: 'cabin',
		functions: ['glovebox'],
		UN: ['W5W', 'C5W'],
		US: ['194'],
		lens: ['clear'],
		paired: false,
		share: 0.7
	},
	{ zone: 'cabin', functions: ['door'], UN: ['W5W'], US: ['168'], lens: ['clear'], paired: true, share: 0.4 },
	{
		zone: 'luggage',
		functions: ['luggage'],
		UN: ['C5W', 'W5W'],
		US: ['168'],
		lens: ['clear'],
		paired: false,
		share: 0.9
	}
];

/** A lamp holder as it was drawn for one lamp unit: every vehicle with the unit has it just so. */
export interface Holder {
	design: Design;
	category: string;
	lens: string;
	optic: string | undefined;
	/** What is free in front of it and behind it, mm. */
	room: {
		frontLength: number;
		frontDiameter: number;
		/** Of lamps with a body behind their flange. */
		rearDepth?: number;
		rearDiameter?: number;
		holderLength?: number;
	};
	keyAngle: number;
}

const MOST_ROOM_MM = 18;
const REAR_MM = [55, 105] as const;

/** Draws a lamp holder. */
export function drawHolder(design: Design, market: 'UN' | 'US', random: Random): Holder {
	const category = pick(design[market], random);
	const lamp = categoryOrNull(category);
	const whole = (from: number, by: number) => Math.round(from + by * random());
	return {
		design,
		category,
		lens: chance(0.03, random) ? 'smoked' : pick(design.lens, random),
		optic: design.optic ? pick(design.optic, random) : undefined,
		room: {
			frontLength: whole(lamp?.length ?? 30, MOST_ROOM_MM),
			frontDiameter: whole(lamp?.diameter ?? 12, MOST_ROOM_MM / 2),
			...(lamp?.mount === 'flange'
				? {
						rearDepth: whole(REAR_MM[0], REAR_MM[1] - REAR_MM[0]),
						rearDiameter: whole(REAR_MM[0], REAR_MM[1] - REAR_MM[0])
					}
				: {}),
			...(lamp?.mount === 'festoon' ? { holderLength: lamp.length ?? 36 } : {})
		},
		keyAngle: pick([0, 0, 90, 45, 180], random)
	};
}
