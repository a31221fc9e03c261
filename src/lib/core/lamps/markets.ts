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
