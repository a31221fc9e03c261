import { matchWord, miredDifference, whitePoint } from '../../../optics';
import { finding } from '../../finding';
import type { Rule } from '../../rule';

/**
 * White beside white: how the lamp looks next to what lights with it as it stands today. A mismatch is for people to see and to
 * change both, so it never refuses; the ranking counts it.
 */
export const neighboursRule: Rule = ({ neighbours, lens, through }, { light, lamp }) => {
	if (lamp === 'filament' || !lens || !light) return null;
	const white = whitePoint(through(light, lens));
	if (!white) return null;
	const beside = neighbours.flatMap(({ name, white: other }) =>
		other ? [{ name, cct: other.cct, mired: miredDifference(white, other) }] : []
	);
	const worst = beside.sort((a, b) => b.mired - a.mired)[0];
	if (!worst) return null;
	const data = { cct: white.cct, beside: worst.name, besideCct: worst.cct, mired: worst.mired };
	return finding(
		'pass',
		`colour.beside.${matchWord(worst.mired)}`,
		data,
		'spectral model; filament lamps beside it as they stand'
	);
};
