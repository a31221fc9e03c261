import type { Balance, KitScope } from '$lib/core/model/kit';

/** Scopes as a form offers them. */
export const SCOPE_OPTIONS: readonly { value: KitScope; label: string }[] = [
	{ value: 'vehicle', label: 'Whole vehicle' },
	{ value: 'front', label: 'Front end' },
	{ value: 'rear', label: 'Rear end' },
	{ value: 'signals', label: 'Signals' },
	{ value: 'headlamps', label: 'Headlamps and fog' },
	{ value: 'cabin', label: 'Cabin' },
	{ value: 'cluster', label: 'Behind the dash' },
	{ value: 'function', label: 'One function' }
];

/** A kit for named sockets has no place among the others: it is started from a socket. */
export const SOCKETS_SCOPE = { value: 'sockets', label: 'One lamp only' } as const;

/** Balances as a form offers them. */
export const BALANCE_OPTIONS: readonly { value: Balance; label: string; says: string }[] = [
	{ value: 'price', label: 'Lowest price', says: 'nothing but the price counts' },
	{ value: 'light', label: 'Most light', says: 'light counts twice, heat and evidence half' },
	{ value: 'ease', label: 'Easy to fit', says: 'work counts one and a half times, evidence once, light and heat half' }
];
