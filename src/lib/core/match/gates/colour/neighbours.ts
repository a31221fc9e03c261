import { matchWord } from '../../../optics';
import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

const SOURCE = 'spectral model; filament lamps beside it as they stand';

/**
 * White beside white: how the lamp looks next to what lights with it as it stands today. A mismatch is for people to see and to
 * change both, so it never refuses; the ranking counts it.
 */
export const neighboursRule: Rule = ({ mostDifferentWhite, lens, through }, { light, lamp }) => {
	const beside = lamp === 'led' && lens && light ? mostDifferentWhite(through(light, lens)) : null;
	if (!beside) return null;
	const { white, name, cct, mired } = beside;
	const data = { cct: white.cct, beside: name, besideCct: cct, mired };
	return finding('pass', `colour.beside.${matchWord(mired)}`, data, SOURCE);
};
