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
import { monitorRule } from './gates/electrics/monitor';
import { pulsedFeedRule } from './gates/electrics/pulsed-feed';
import { steadyHeatRule } from './gates/heat/steady';
import { cautionRule } from './gates/law/caution';
import { policyRule } from './gates/law/policy';
import { switchbackRule } from './gates/law/switchback';
import { clockingRule } from './gates/size/clocking';
import { driverRule } from './gates/size/driver';
import { entryRule } from './gates/size/entry';
import { filamentSizeRule } from './gates/size/filament';
import { focusRule } from './gates/size/focus';
import { frontRule } from './gates/size/front';
import { rearRule } from './gates/size/rear';
import { retentionRule } from './gates/size/retention';
import type { Rule } from './gates/rule';

/** The one list of rules, gate by gate. A new rule is one file under `gates/` and one entry here. */
export const RULES: readonly Rule[] = [
	capRule,
	categoryDataRule,
	twinContactRule,
	functionsRule,
	holderRule,
	festoonRule,
	frontRule,
	rearRule,
	focusRule,
	clockingRule,
	retentionRule,
	entryRule,
	driverRule,
	filamentSizeRule,
	boundaryRule,
	cabinColourRule,
	survivingLightRule,
	dimModeRule,
	temperatureRule,
	neighboursRule,
	monitorRule,
	pulsedFeedRule,
	steadyHeatRule,
	cautionRule,
	policyRule,
	switchbackRule
];
