import { capRule } from './gates/base/cap';
import { categoryDataRule } from './gates/base/category-data';
import { festoonRule } from './gates/base/festoon';
import { functionsRule } from './gates/base/functions';
import { holderRule } from './gates/base/holder';
import { twinContactRule } from './gates/base/twin-contact';
import { boundaryRule } from './gates/colour/boundary';
import { cabinColourRule } from './gates/colour/cabin';
import { dimModeRule } from './gates/colour/dim-mode';
import { neighboursRule } from './gates/colour/neighbours';
import { survivingLightRule } from './gates/colour/surviving-light';
import { temperatureRule } from './gates/colour/temperature';
import { fuseRule } from './gates/electrics/fuse';
import { monitorRule } from './gates/electrics/monitor';
import { pulsedFeedRule } from './gates/electrics/pulsed-feed';
import { supplyRule } from './gates/electrics/supply';
import { steadyHeatRule } from './gates/heat/steady';
import { cautionRule } from './gates/law/caution';
import { neverAgainRule } from './gates/law/never-again';
import { policyRule } from './gates/law/policy';
import { switchbackRule } from './gates/law/switchback';
import { clockingRule } from './gates/size/clocking';
import { driverRule } from './gates/size/driver';
import { emissionRule } from './gates/size/emission';
import { entryRule } from './gates/size/entry';
import { filamentSizeRule } from './gates/size/filament';
import { focusRule } from './gates/size/focus';
import { frontRule } from './gates/size/front';
import { ingressRule } from './gates/size/ingress';
import { rearRule } from './gates/size/rear';
import { retentionRule } from './gates/size/retention';
import type { Rule } from './gates/rule';

/** The one list of rules by their place under `gates/`, gate by gate. A new rule is one file there and one entry here. */
export const RULES = {
	'base/cap': capRule,
	'base/category-data': categoryDataRule,
	'base/twin-contact': twinContactRule,
	'base/functions': functionsRule,
	'base/holder': holderRule,
	'base/festoon': festoonRule,
	'size/front': frontRule,
	'size/rear': rearRule,
	'size/focus': focusRule,
	'size/clocking': clockingRule,
	'size/retention': retentionRule,
	'size/entry': entryRule,
	'size/driver': driverRule,
	'size/emission': emissionRule,
	'size/ingress': ingressRule,
	'size/filament': filamentSizeRule,
	'colour/boundary': boundaryRule,
	'colour/cabin': cabinColourRule,
	'colour/surviving-light': survivingLightRule,
	'colour/dim-mode': dimModeRule,
	'colour/temperature': temperatureRule,
	'colour/neighbours': neighboursRule,
	'electrics/supply': supplyRule,
	'electrics/monitor': monitorRule,
	'electrics/pulsed-feed': pulsedFeedRule,
	'electrics/fuse': fuseRule,
	'heat/steady': steadyHeatRule,
	'law/caution': cautionRule,
	'law/never-again': neverAgainRule,
	'law/policy': policyRule,
	'law/switchback': switchbackRule
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;

/** The rules in the order they are asked. */
export const RULE_LIST: readonly Rule[] = Object.values(RULES);
