import type { Product } from '../model';
import type { ClaimCheck, ClaimReading } from './claim';
import { missingData } from './checks/data';
import { fitsClaim } from './checks/fits';
import { fluxClaim } from './checks/flux';
import { fluxPerClaim } from './checks/flux-per';
import { ingressClaim } from './checks/ingress';
import { lifeClaim } from './checks/life';

/** Every check of a claim. A new one is a file in `checks/` and an entry in this list. */
const CHECKS: readonly ClaimCheck[] = [fluxClaim, fluxPerClaim, lifeClaim, ingressClaim, fitsClaim, missingData];

/** Reads everything a maker claims of a product. */
export function readClaims(product: Product): ClaimReading[] {
	return CHECKS.flatMap((check) => check(product) ?? []);
}

export * from './claim';
export { CREDIBLE_EFFICACY } from './checks/flux';
export { CREDIBLE_LIFE_H } from './checks/life';
export * from './implausible';
