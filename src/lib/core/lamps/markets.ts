/** The two families of rules for lamp colour: UN regulations, and SAE J578 with FMVSS 108. */
export type RuleFamily = 'UN' | 'US';

/** Markets a vehicle may be made for, with the rule family each follows for signal colours. */
export const MARKETS: Readonly<Record<string, { name: string; family: RuleFamily }>> = {
	UN: { name: 'UN regulations', family: 'UN' },
	EU: { name: 'European Union', family: 'UN' },
	AU: { name: 'Australia (design rules aligned with UN)', family: 'UN' },
	US: { name: 'United States', family: 'US' }
};

/** The rule family of a market, or null when Rotalux has no rules for it. */
export function ruleFamily(market: string): RuleFamily | null {
	return MARKETS[market]?.family ?? null;
}

/** What each rule family says of an LED in a headlamp or fog lamp that was approved with a filament lamp, in words. */
const LED_IN_FILAMENT_LAMP: Record<RuleFamily, string> = {
	UN: 'The lamp was approved with the filament lamp on its mark; LED light sources have categories of their own, and some countries approve named pairs of lamp and vehicle only.',
	US: 'The lamp was certified with the light source on its lens; a replaceable light source has to be of that type, and states differ in what they inspect.'
};

/** The usual rule about LED in lamps made for a filament, in words; never a judgement. */
export function ledInFilamentLamp(family: RuleFamily): string {
	return LED_IN_FILAMENT_LAMP[family];
}
