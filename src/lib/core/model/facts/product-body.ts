import { COLLARS, COOLINGS } from '../choices';
import { plainChoices, type Fact, type FactTable } from './fact';

const BODY = 'Body';

export const BY_EYE = { how: 'Look at the lamp in hand.', minutes: 1 };

/** A length of the lamp, mm. */
const length = (
	rules: readonly string[],
	{ label, heading, also, hint }: { label: string; heading: string; also: readonly string[]; hint?: string }
): Fact => ({
	kind: 'number',
	label,
	unit: 'mm',
	tolerance: 0.5,
	evidence: true,
	sheet: { heading, also },
	form: { group: BODY, ...(hint ? { hint } : {}) },
	rules,
	findOut: { how: 'Measure it on the lamp in hand.', minutes: 1 }
});

/** Facts of the body of a lamp on sale: what it measures, how it cools, how long it lives. */
export const PRODUCT_BODY_FACTS = {
	'size.frontLength': length(['size/front', 'size/entry'], {
		label: 'Front length',
		heading: 'frontLength',
		also: ['front length']
	}),
	'size.frontDiameter': length(['size/front'], {
		label: 'Front diameter',
		heading: 'frontDiameter',
		also: ['front diameter']
	}),
	'size.lightCentre': length(['size/focus'], {
		label: 'Light centre',
		heading: 'lightCentre',
		also: ['light centre', 'lcl']
	}),
	'size.rearLength': length(['size/rear', 'size/entry', 'size/driver'], {
		label: 'Rear length',
		heading: 'rearLength',
		also: ['rear length']
	}),
	'size.rearDiameter': length(['size/rear', 'size/driver'], {
		label: 'Rear diameter',
		heading: 'rearDiameter',
		also: ['rear diameter']
	}),
	'size.length': length(['base/festoon'], {
		label: 'Length over the caps',
		heading: 'length',
		also: ['festoon length'],
		hint: 'festoons'
	}),
	collar: {
		rules: ['size/clocking', 'size/retention'],
		kind: 'choice',
		label: 'Collar',
		choices: plainChoices(COLLARS),
		evidence: true,
		sheet: { heading: 'collar' },
		form: { group: BODY },
		findOut: { how: 'Try in hand whether the collar turns, or comes off.', minutes: 1 }
	},
	emitterAngle: {
		rules: ['size/clocking'],
		kind: 'number',
		label: 'Emitter angle',
		unit: '°',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'emitterAngle', also: ['emitter angle'] },
		form: { group: BODY },
		findOut: { how: 'Look from the front: from the key to the plane of the chips, clockwise.', minutes: 2 }
	},
	cooling: {
		rules: ['size/rear', 'heat/steady'],
		kind: 'choice',
		label: 'Cooling',
		choices: plainChoices(COOLINGS),
		evidence: true,
		sheet: { heading: 'cooling' },
		form: { group: BODY },
		findOut: BY_EYE
	},
	limit: {
		rules: ['heat/steady'],
		kind: 'number',
		label: 'Temperature limit',
		unit: 'C',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'limit', also: ['temperature limit'] },
		form: { group: BODY },
		findOut: { how: 'Ask the maker for the highest temperature of the body.', minutes: 5 }
	},
	ip: { kind: 'text', label: 'Ingress code', sheet: { heading: 'ip', also: ['ingress'] }, form: { group: BODY } },
	life: {
		kind: 'count',
		label: 'Life, claimed',
		unit: 'h',
		sheet: { heading: 'life', also: ['hours'] },
		form: { group: BODY }
	}
} as const satisfies FactTable;
