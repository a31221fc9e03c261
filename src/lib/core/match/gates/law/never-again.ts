import { factsHere } from '../../cases';
import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** A lamp that the shop has settled to keep out of this place of this vehicle, after a complaint. */
export const neverAgainRule: Rule = (s, p) => {
	if (p.field.length === 0) return null;
	const [said] = factsHere(p.field, s, 'never-again');
	if (!said) return null;
	const { on, by, cause } = said;
	return finding('law.never-again', { on, by, cause }, { level: 'refuse', source: { kind: 'complaint', on, by } });
};
