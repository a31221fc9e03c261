import type { HeadlampPolicy, Policy } from '../../../model';
import { lampFunction, type FunctionGroup, type FunctionId } from '../../../lamps';
import { beamProof, type BeamProof, type ProductCase, type SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** The policy that holds for a beam in a market: the fog lamps' own, the market's own, or the shop's. */
export function policyFor(policy: Policy, group: FunctionGroup, market: string): HeadlampPolicy {
	if (group === 'fog' && policy.fog) return policy.fog;
	return policy.markets?.[market] ?? policy.headlamps;
}

/** The shop's policy on LED in lamps that throw a beam. */
export const policyRule: Rule = (s, p) => {
	if (p.lamp === 'filament') return null;
	return s.socket.functions.flatMap((id): Finding[] => {
		const { group } = lampFunction(id);
		if (group !== 'headlamp' && group !== 'fog') return [];
		const found = judge(s, p, { policy: policyFor(s.shop.policy, group, s.configuration.market), id });
		return [excepted(s, found, id)];
	});
};

/** A signed exception of the kit takes the shop's refusal back to a check by hand, never to a pass. */
function excepted({ shop: { exception } }: SocketCase, found: Finding, id: FunctionId): Finding {
	if (found.level !== 'refuse' || !exception) return found;
	const { by, on, words } = exception;
	return finding(
		'law.policy.exception',
		{ function: id, by, on, words },
		{ level: 'unknown', source: { kind: 'signed-exception' } }
	);
}

function judge(s: SocketCase, p: ProductCase, { policy, id }: { policy: HeadlampPolicy; id: FunctionId }): Finding {
	const { socket, source } = s;
	const data = { function: id };
	const by = { source: { kind: 'shop-policy' } as const };
	switch (policy) {
		case 'signals-only':
			return finding('law.policy.signals-only', data, { ...by, level: 'refuse' });
		case 'projectors':
			if (!socket.optic) return finding('law.optic-unknown', data, { level: 'unknown', source: source('optic') });
			return socket.optic === 'projector'
				? finding('law.policy.projector', data, { ...by, level: 'pass' })
				: finding('law.policy.reflector', { ...data, optic: socket.optic }, { ...by, level: 'refuse' });
		case 'proved':
			return byProof(beamProof(s, p), data);
		default:
			return policy satisfies never;
	}
}

/** What a beam check on record says: a pass, an honest no, or that it has to be made, finished or made again. */
function byProof(proof: BeamProof | null, data: { function: FunctionId }): Finding {
	if (!proof) return finding('law.policy.unproved', data, { level: 'unknown', source: { kind: 'shop-policy' } });
	const { record, check, changed } = proof;
	const { on, by = '' } = record;
	const from = { source: { kind: 'beam-check', on, by } as const };
	if (changed.length > 0)
		return finding('law.policy.proof-outdated', { ...data, on, by, changed }, { ...from, level: 'unknown' });
	const rules = check.rules.filter(({ isMet }) => isMet !== true);
	switch (check.outcome) {
		case 'proved':
			return finding('law.policy.proved', { ...data, on, by, rules: check.rules }, { ...from, level: 'pass' });
		case 'failed':
			return finding(
				'law.policy.disproved',
				{ ...data, on, by, rules: rules.filter(({ isMet }) => isMet === false) },
				{ ...from, level: 'refuse' }
			);
		case 'open':
			return finding('law.policy.proof-open', { ...data, on, by, rules }, { ...from, level: 'unknown' });
		default:
			return check.outcome satisfies never;
	}
}
