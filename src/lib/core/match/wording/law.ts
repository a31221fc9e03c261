import type { CheckedRule } from '../../beam';
import { lampFunction, ledInFilamentLamp, type FunctionId, type RuleFamily } from '../../lamps';
import type { Socket } from '../../model';
import { functionWords, type Words } from './words';

/** A beam check, with the rules that are spoken of. */
interface Proof {
	on: string;
	by: string;
	rules: readonly Pick<CheckedRule, 'label' | 'measured' | 'required'>[];
}

const foundBy = ({ on, by }: Pick<Proof, 'on' | 'by'>) => `found on ${on}${by ? ` by ${by}` : ''}`;
const rulesText = (rules: Proof['rules']) =>
	rules.map(({ label, measured }) => `${label.toLowerCase()} ${measured}`).join('; ');

const CAUTION = 'Check local rules; a licensed workshop or the inspection body decides.';

/** Texts of the law gate. They say what a shop's rule is and where to ask, never that something is allowed. */
export const lawWording = {
	'law.caution': (d: { family: RuleFamily; functions: readonly FunctionId[] }): Words => ({
		measured: `${d.functions.map((id) => lampFunction(id).label).join(', ')}, ${d.family} rules`,
		required: 'local rules',
		why: `No rule of the shop stands against it. LED light sources may need an approval of their own. ${CAUTION}`
	}),
	'law.never-again': (d: { on: string; by: string; cause: string }): Words => ({
		measured: d.cause ? `came back: ${d.cause.replaceAll('-', ' ')}` : 'came back',
		required: 'no complaint settled against it here',
		why: `The shop keeps this lamp out of this place of this vehicle since ${d.on || 'a complaint'}${d.by ? ` (${d.by})` : ''}.`
	}),
	'law.inside': (): Words => ({
		measured: 'inside the vehicle',
		required: 'must not dazzle, nor show as a signal outside',
		why: `Usually free. ${CAUTION}`
	}),
	'law.filament': (): Words => ({
		measured: 'a filament lamp in a lamp made for one',
		required: 'an approval mark on the lamp',
		why: `See that the lamp is marked for the market. ${CAUTION}`
	}),
	'law.market-unknown': (d: { market: string }): Words => ({
		measured: `market ${d.market}`,
		required: 'a market with known rules',
		why: `Rotalux has no rule family for the market ${d.market}. ${CAUTION}`
	}),
	'law.policy.signals-only': (d: { function: FunctionId }): Words => ({
		measured: `LED for ${functionWords([d.function])}`,
		required: 'shop policy: signals and cabin only',
		why: `By the shop's policy this lamp stays halogen; a better halogen is the answer. ${CAUTION}`
	}),
	'law.policy.reflector': (d: { function: FunctionId; optic: NonNullable<Socket['optic']> }): Words => ({
		measured: `LED for ${functionWords([d.function])} in a ${d.optic}`,
		required: 'shop policy: projectors only',
		why: `By the shop's policy no LED goes into a ${d.optic} made for a filament. ${CAUTION}`
	}),
	'law.policy.projector': (d: { function: FunctionId }): Words => ({
		measured: `LED for ${functionWords([d.function])} in a projector`,
		required: 'shop policy: projectors only',
		why: `The shop's policy admits it. LED sources in headlamps made for filament lamps are not approved in many places. ${CAUTION}`
	}),
	'law.policy.unproved': (d: { function: FunctionId }): Words => ({
		measured: `LED for ${functionWords([d.function])}, no beam check on record`,
		required: 'shop policy: a beam check on record for this lamp type',
		why: `Measure lux at the hot spot, below and above the cut-off, before and after. ${CAUTION}`
	}),
	'law.policy.proved': (d: Proof & { function: FunctionId }): Words => ({
		measured: `beam check: ${rulesText(d.rules)}`,
		required: 'shop policy: a beam check on record for this lamp type',
		why: `Proved in this lamp unit, ${foundBy(d)}. LED sources in headlamps made for filament lamps are not approved in many places. ${CAUTION}`
	}),
	'law.policy.disproved': (d: Proof & { function: FunctionId }): Words => ({
		measured: `beam check not met: ${rulesText(d.rules)}`,
		required: d.rules.map(({ label, required }) => `${label.toLowerCase()}: ${required}`).join('; '),
		why: `Tried in this lamp unit, ${foundBy(d)}: it does not do here. By the shop's policy it is not sold for it. ${CAUTION}`
	}),
	'law.policy.proof-open': (d: Proof & { function: FunctionId }): Words => ({
		measured: `beam check begun, ${foundBy(d)}; open: ${d.rules.map(({ label }) => label.toLowerCase()).join(', ')}`,
		required: 'shop policy: a beam check on record for this lamp type',
		why: `Finish it under Prove. ${CAUTION}`
	}),
	'law.policy.proof-outdated': (
		d: Omit<Proof, 'rules'> & { function: FunctionId; changed: readonly string[] }
	): Words => ({
		measured: `beam check ${foundBy(d)}; changed since: ${d.changed.join(', ')}`,
		required: 'a beam check of the lamp type and the lamp unit as they are now',
		why: `Lamp type or lamp unit changed on record: make the check again. ${CAUTION}`
	}),
	'law.policy.exception': (d: { function: FunctionId; by: string; on: string; words: string }): Words => ({
		measured: `LED for ${functionWords([d.function])}, against the shop's policy`,
		required: 'a signature, and its words on the kit',
		why: `Exception signed by ${d.by} on ${d.on}: “${d.words}”. ${CAUTION}`
	}),
	'law.headlamp': (d: { family: RuleFamily }): Words => ({
		measured: `LED in a lamp made for a filament, ${d.family} rules`,
		required: 'an approval of this light source, or of this pair of lamp and vehicle',
		why: `${ledInFilamentLamp(d.family)} ${CAUTION}`
	}),
	'law.optic-unknown': (d: { function: FunctionId }): Words => ({
		measured: `LED for ${functionWords([d.function])}, optic not known`,
		required: 'reflector or projector',
		why: 'Look into the lamp: a round lens in front of the bulb is a projector.'
	}),
	'law.switchback-b': (): Words => ({
		measured: 'white and amber alternate',
		required: 'amber alone while turning',
		why: `A white lamp flashing forward is not a turn signal in either rule family. ${CAUTION}`
	})
};
