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
import type { Rule, RuleEntry } from './gates/rule';

/**
 * The one list of rules by their place under `gates/`, gate by gate, each with what it reads of a place and of a product. A new rule is one file there and one
 * entry here; a rule that reads what it does not name is caught by the tests of `reads/`.
 */
export const RULES = {
	'base/cap': {
		judge: capRule,
		ofPlace: ['category', 'madeFor'],
		ofProduct: ['lamp', 'categories', 'name', 'claims', 'includes']
	},
	'base/category-data': { judge: categoryDataRule, ofPlace: ['category'], ofProduct: ['lamp', 'categories'] },
	'base/twin-contact': { judge: twinContactRule, ofPlace: ['category', 'wiring'], ofProduct: ['lamp', 'wiring'] },
	'base/functions': { judge: functionsRule, ofPlace: ['category', 'functions'], ofProduct: ['lamp', 'modes'] },
	'base/holder': { judge: holderRule, ofPlace: ['category'], ofProduct: ['lamp', 'includes'] },
	'base/festoon': {
		judge: festoonRule,
		ofPlace: ['category', 'holderLength', 'retention'],
		ofProduct: ['lamp', 'categories', 'size']
	},
	'size/front': {
		judge: frontRule,
		ofPlace: ['category', 'frontLength', 'frontDiameter', 'opening'],
		ofProduct: ['lamp', 'size']
	},
	'size/rear': {
		judge: rearRule,
		ofPlace: ['category', 'rearDepth', 'rearDiameter'],
		ofProduct: ['lamp', 'size', 'cooling', 'includes']
	},
	'size/focus': { judge: focusRule, ofPlace: ['category', 'functions'], ofProduct: ['lamp', 'size'] },
	'size/clocking': {
		judge: clockingRule,
		ofPlace: ['functions', 'keyAngle'],
		ofProduct: ['lamp', 'emission', 'collar', 'emitterAngle']
	},
	'size/retention': { judge: retentionRule, ofPlace: ['category', 'retention'], ofProduct: ['lamp', 'collar'] },
	'size/entry': { judge: entryRule, ofPlace: ['category', 'entry', 'rearDepth'], ofProduct: ['lamp', 'size'] },
	'size/driver': {
		judge: driverRule,
		ofPlace: ['category', 'cap', 'rearDepth', 'rearDiameter'],
		ofProduct: ['lamp', 'driver', 'size', 'cooling', 'includes']
	},
	'size/emission': { judge: emissionRule, ofPlace: ['functions', 'optic'], ofProduct: ['lamp', 'emission'] },
	'size/ingress': {
		judge: ingressRule,
		ofPlace: ['zone', 'cap', 'lens', 'outside'],
		ofProduct: ['lamp', 'ip', 'cooling']
	},
	'size/filament': { judge: filamentSizeRule, ofPlace: ['category'], ofProduct: ['lamp', 'categories', 'fits'] },
	'colour/boundary': {
		judge: boundaryRule,
		ofPlace: ['category', 'functions', 'lens', 'zone', 'kind', 'market', 'stockRegion'],
		ofProduct: ['lamp', 'categories', 'light', 'minorLight']
	},
	'colour/cabin': {
		judge: cabinColourRule,
		ofPlace: ['category', 'functions', 'lens', 'market'],
		ofProduct: ['lamp', 'categories', 'light']
	},
	'colour/surviving-light': {
		judge: survivingLightRule,
		ofPlace: ['category', 'lens', 'stockLumens', 'outside'],
		ofProduct: ['lamp', 'categories', 'light', 'flux']
	},
	'colour/dim-mode': {
		judge: dimModeRule,
		ofPlace: ['category', 'functions', 'lens', 'outside'],
		ofProduct: ['lamp', 'light', 'minorLight', 'flux', 'modes', 'power']
	},
	'colour/temperature': { judge: temperatureRule, ofPlace: ['functions', 'outside'], ofProduct: ['lamp', 'colour'] },
	'colour/neighbours': { judge: neighboursRule, ofPlace: ['lens'], ofProduct: ['lamp', 'light'] },
	'electrics/supply': { judge: supplyRule, ofPlace: ['voltage', 'kind'], ofProduct: ['lamp', 'volts', 'turnOn'] },
	'electrics/monitor': {
		judge: monitorRule,
		ofPlace: ['category', 'functions', 'outputs', 'cap'],
		ofProduct: ['lamp', 'load', 'size', 'cooling']
	},
	'electrics/pulsed-feed': {
		judge: pulsedFeedRule,
		ofPlace: ['category', 'outputs', 'cap', 'moduleRoom'],
		ofProduct: ['lamp', 'load', 'size', 'cooling']
	},
	'electrics/fuse': {
		judge: fuseRule,
		ofPlace: ['category', 'outputs'],
		ofProduct: ['lamp', 'load']
	},
	'heat/steady': {
		judge: steadyHeatRule,
		ofPlace: ['category', 'heat'],
		ofProduct: ['lamp', 'categories', 'power', 'measuredPower', 'builtInLoad', 'cooling', 'limit', 'includes']
	},
	'law/caution': { judge: cautionRule, ofPlace: ['functions', 'market', 'outside'], ofProduct: ['lamp'] },
	'law/never-again': { judge: neverAgainRule, ofPlace: [], ofProduct: [] },
	'law/policy': { judge: policyRule, ofPlace: ['functions', 'optic', 'market'], ofProduct: ['lamp'] },
	'law/switchback': { judge: switchbackRule, ofPlace: ['functions'], ofProduct: ['modes'] }
} as const satisfies Record<string, RuleEntry>;

export type RuleId = keyof typeof RULES;

/** The rules in the order they are asked. */
export const RULE_LIST: readonly Rule[] = Object.values(RULES).map(({ judge }) => judge);
