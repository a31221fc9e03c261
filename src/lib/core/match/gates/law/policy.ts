import type { HeadlampPolicy, Policy } from '../../../model';
import { lampFunction, type FunctionGroup } from '../../../lamps';
import type { SocketCase } from '../../cases/cases';
import { finding, type Finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** The policy that holds for a beam in a market: the fog lamps' own, the market's own, or the shop's. */
export function policyFor(policy: Policy, group: FunctionGroup, market: string): HeadlampPolicy {
	if (group === 'fog' && policy.fog) return policy.fog;
	return policy.markets?.[market] ?? policy.headlamps;
}

/** The shop's policy on LED in lamps that throw a beam. */
export const policyRule: Rule = (s, { lamp }) => {
	if (lamp === 'filament') return null;
	return s.socket.functions.flatMap((id): Finding[] => {
		const { group, label } = lampFunction(id);
		if (group !== 'headlamp' && group !== 'fog') return [];
		const found = judge(s, policyFor(s.shop.policy, group, s.configuration.market), label);
		return [excepted(s, found, label)];
	});
};

/** A signed exception of the kit takes the shop's refusal back to a check by hand, never to a pass. */
function excepted({ shop: { exception } }: SocketCase, found: Finding, label: string): Finding {
	if (found.level !== 'refuse' || !exception) return found;
	const { by, on, words } = exception;
	return finding(
		'unknown',
		'law.policy.exception',
		{ function: label.toLowerCase(), by, on, words },
		'signed exception of this kit'
	);
}

function judge({ socket, source }: SocketCase, policy: HeadlampPolicy, label: string): Finding {
	const data = { function: label.toLowerCase() };
	switch (policy) {
		case 'signals-only':
			return finding('refuse', 'law.policy.signals-only', data, 'shop policy');
		case 'projectors':
			if (!socket.optic) return finding('unknown', 'law.optic-unknown', data, source('optic'));
			return socket.optic === 'projector'
				? finding('pass', 'law.policy.projector', data, 'shop policy')
				: finding('refuse', 'law.policy.reflector', { ...data, optic: socket.optic }, 'shop policy');
		case 'proved':
			return finding('unknown', 'law.policy.unproved', data, 'shop policy');
		default:
			return policy satisfies never;
	}
}
