import { COLLARS, COOLINGS } from '../enumerations';
import { length, plainChoices, type FactTable } from './fact';

const BODY = 'Body';

export const BY_EYE = { how: 'Look at the lamp in hand.', minutes: 1 };

const IN_HAND = { how: 'Measure it on the lamp in hand.', minutes: 1 };
const FORM = { group: BODY };

/** Facts of the body of a lamp on sale: what it measures, how it cools, how long it lives. */
export const PRODUCT_BODY_FACTS = {
	'size.frontLength': length({
		rules: ['size/front', 'size/entry'],
		label: 'Front length',
		usual: [5, 70],
		sheet: { heading: 'frontLength', also: ['front length'] },
		form: FORM,
		findOut: IN_HAND
	}),
	'size.frontDiameter': length({
		rules: ['size/front'],
		label: 'Front diameter',
		usual: [4, 40],
		sheet: { heading: 'frontDiameter', also: ['front diameter'] },
		form: FORM,
		findOut: IN_HAND
	}),
	'size.lightCentre': length({
		rules: ['size/focus'],
		label: 'Light centre',
		usual: [5, 50],
		sheet: { heading: 'lightCentre', also: ['light centre', 'lcl'] },
		form: FORM,
		findOut: IN_HAND
	}),
	'size.rearLength': length({
		rules: ['size/rear', 'size/entry', 'size/driver'],
		label: 'Rear length',
		usual: [0, 120],
		sheet: { heading: 'rearLength', also: ['rear length'] },
		form: FORM,
		findOut: IN_HAND
	}),
	'size.rearDiameter': length({
		rules: ['size/rear', 'size/driver'],
		label: 'Rear diameter',
		usual: [5, 70],
		sheet: { heading: 'rearDiameter', also: ['rear diameter'] },
		form: FORM,
		findOut: IN_HAND
	}),
	'size.length': length({
		rules: ['base/festoon'],
		label: 'Length over the caps',
		usual: [28, 46],
		sheet: { heading: 'length', also: ['festoon length'] },
		form: { ...FORM, hint: 'festoons' },
		findOut: IN_HAND
	}),
	collar: {
		rules: ['size/clocking', 'size/retention'],
		kind: 'choice',
		label: 'Collar',
		choices: plainChoices(COLLARS),
		evidence: true,
		sheet: { heading: 'collar' },
		form: FORM,
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
		form: FORM,
		findOut: { how: 'Look from the front: from the key to the plane of the chips, clockwise.', minutes: 2 }
	},
	cooling: {
		rules: ['size/ingress', 'size/rear', 'heat/steady'],
		kind: 'choice',
		label: 'Cooling',
		choices: plainChoices(COOLINGS),
		evidence: true,
		sheet: { heading: 'cooling' },
		form: FORM,
		findOut: BY_EYE
	},
	limit: {
		rules: ['heat/steady'],
		kind: 'number',
		label: 'Temperature limit',
		usual: [80, 150],
		unit: 'C',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'limit', also: ['temperature limit'] },
		form: FORM,
		findOut: { how: 'Ask the maker for the highest temperature of the body.', minutes: 5 }
	},
	ip: {
		rules: ['size/ingress'],
		kind: 'text',
		label: 'Ingress code',
		sheet: { heading: 'ip', also: ['ingress'] },
		form: FORM
	},
	life: {
		kind: 'count',
		label: 'Life, claimed',
		usual: [500, 50000],
		unit: 'h',
		sheet: { heading: 'life', also: ['hours'] },
		form: FORM
	}
} as const satisfies FactTable;
