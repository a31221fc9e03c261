import { isBeam } from '../../../lamps';
import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** Which rule family is looked at, and the usual caution. Rotalux never says that something is allowed. */
export const cautionRule: Rule = ({ socket, configuration, family, outside }, { lamp }) => {
	if (!outside) return finding('law.inside', null, { level: 'pass', source: { kind: 'usual-practice' } });
	if (lamp === 'filament') return finding('law.filament', null, { level: 'pass', source: { kind: 'usual-practice' } });
	if (!family)
		return finding(
			'law.market-unknown',
			{ market: configuration.market },
			{ level: 'unknown', source: { kind: 'rule-family', family: null } }
		);
	const beam = isBeam(socket.functions);
	const by = { source: { kind: 'rule-family', family } as const };
	if (beam) return finding('law.headlamp', { family }, { ...by, level: 'pass' });
	return finding('law.caution', { family, functions: socket.functions }, { ...by, level: 'pass' });
};
