import { OPERATION_SIDES } from '../enumerations';
import { plainChoices, type FactTable } from './fact';

/** Two people who time the same work come within this of each other, min. */
const SAME_WORK = 1;

/** Facts of an operation of the way in. */
export const OPERATION_FACTS = {
	title: { kind: 'text', label: 'What is done' },
	side: { kind: 'choice', label: 'Side', choices: plainChoices(OPERATION_SIDES) },
	part: { kind: 'text', label: 'Part' },
	after: { kind: 'list', label: 'After', evidence: true },
	anyOf: { kind: 'json', label: 'One of these ways', evidence: true, accepts: Array.isArray },
	tools: { kind: 'list', label: 'Tools', evidence: true },
	fasteners: { kind: 'json', label: 'Fasteners', evidence: true, accepts: Array.isArray },
	minutesOff: { kind: 'number', label: 'Off', unit: 'min', tolerance: SAME_WORK, evidence: true },
	minutesOn: { kind: 'number', label: 'On', unit: 'min', tolerance: SAME_WORK, evidence: true },
	cautions: { kind: 'list', label: 'Care', evidence: true },
	reaches: { kind: 'list', label: 'Reaches', evidence: true }
} as const satisfies FactTable;
