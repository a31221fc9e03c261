import type { Criterion } from './criterion';
import { colourCriterion } from './criteria/colour';
import { complaintsCriterion } from './criteria/complaints';
import { evidenceCriterion } from './criteria/evidence';
import { heatCriterion } from './criteria/heat';
import { lightCriterion } from './criteria/light';
import { priceCriterion } from './criteria/price';
import { purposeCriterion } from './criteria/purpose';
import { stockCriterion } from './criteria/stock';
import { triedCriterion } from './criteria/tried';

/** What candidates of one verdict are ranked by. A new criterion is one file in `criteria/` and one entry here. */
export const CRITERIA: readonly Criterion[] = [
	lightCriterion,
	colourCriterion,
	heatCriterion,
	evidenceCriterion,
	priceCriterion,
	stockCriterion,
	complaintsCriterion,
	triedCriterion,
	purposeCriterion
];
