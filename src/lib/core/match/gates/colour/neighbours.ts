import { ALIKE_MIRED, matchWord } from '../../../optics';
import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

const SOURCE = { kind: 'spectral-model', of: 'neighbours' } as const;

/**
 * White beside white: how the lamp looks next to what lights with it as it stands today. A mismatch is for people to see and to
 * change both, so it never refuses; the ranking counts it.
 */
export const neighboursRule: Rule = ({ mostDifferentWhite, lens, through }, { light, lamp }) => {
	const beside = lamp === 'led' && lens && light ? mostDifferentWhite(through(light, lens)) : null;
	if (!beside) return null;
	const { white, socket, cct, mired } = beside;
	const data = { cct: white.cct, beside: socket, besideCct: cct, mired, alike: ALIKE_MIRED };
	return finding(`colour.beside.${matchWord(mired)}`, data, { level: 'pass', source: SOURCE });
};
