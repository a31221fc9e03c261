import { ledInFilamentLamp, lampFunction } from '../../../lamps';
import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** Which rule family is looked at, and the usual caution. Rotalux never says that something is allowed. */
export const cautionRule: Rule = ({ socket, configuration, family, outside }, { lamp }) => {
	if (!outside) return finding('pass', 'law.inside', null, 'usual practice');
	if (!family) return finding('unknown', 'law.market-unknown', { market: configuration.market }, 'rule families');
	if (lamp === 'filament') return finding('pass', 'law.filament', null, 'usual practice');
	const beam = socket.functions.some((id) => ['headlamp', 'fog'].includes(lampFunction(id).group));
	if (beam)
		return finding('pass', 'law.headlamp', { family, rule: ledInFilamentLamp(family) }, `${family} rule family`);
	const functions = socket.functions.map((id) => lampFunction(id).label).join(', ');
	return finding('pass', 'law.caution', { family, functions }, `${family} rule family`);
};
