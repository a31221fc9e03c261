import type { Balance, KitScope } from '$lib/core/exchange/schema/kit';

/** Scopes as a form offers them. */
export const SCOPE_OPTIONS: readonly { value: KitScope; label: string }[] = [
	{ value: 'vehicle', label: 'Whole vehicle' },
	{ value: 'front', label: 'Front end' },
	{ value: 'rear', label: 'Rear end' },
	{ value: 'signals', label: 'Signals' },
	{ value: 'headlamps', label: 'Headlamps and fog' },
	{ value: 'cabin', label: 'Cabin' },
	{ value: 'cluster', label: 'Behind the dash' }
];

/** Balances as a form offers them. */
export const BALANCE_OPTIONS: readonly { value: Balance; label: string }[] = [
	{ value: 'price', label: 'Lowest price' },
	{ value: 'light', label: 'Most light' },
	{ value: 'ease', label: 'Fewest parts to fit' }
];
