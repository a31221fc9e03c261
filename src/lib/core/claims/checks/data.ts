import type { Product } from '../../model';
import type { ClaimCheck } from '../claim';
import { implausibleFacts } from '../implausible';

const WANTED: readonly [name: string, has: (product: Product) => boolean][] = [
	['power at 13.5 V', (p) => p.power?.at13v5 !== undefined],
	['luminous flux', (p) => p.flux?.claimed != null || p.flux?.measured != null],
	['front length and diameter', (p) => p.size?.frontLength !== undefined || p.size?.length !== undefined],
	['temperature limit', (p) => p.kind !== 'led' || p.limit !== undefined],
	['colour', (p) => p.colour !== undefined]
];

/** Numbers a verdict needs and the maker does not give. */
export const missingData: ClaimCheck = (product) => {
	if (product.kind === 'assembly') return null;
	const absurd = implausibleFacts(product);
	if (absurd.length > 0)
		return {
			claim: 'data',
			level: 'not-credible',
			claimed: absurd.map(({ why }) => why).join('; '),
			derated: 'not known',
			why: 'It cannot be so: measure it, and put the record right. Until then it counts as not known.'
		};
	const missing = WANTED.filter(([, has]) => !has(product)).map(([name]) => name);
	if (missing.length === 0) return null;
	return {
		claim: 'data',
		level: 'missing',
		claimed: 'nothing',
		derated: '',
		why: `Not given: ${missing.join(', ')}. What needs them stays unknown until somebody measures.`
	};
};
