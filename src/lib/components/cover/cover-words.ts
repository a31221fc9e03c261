import type { Offer, VehiclePart } from '$lib/core/cover';

/** What an offer is called. */
export const OFFER_WORDS: Record<Offer, string> = {
	shelf: 'on the shelf',
	order: 'on the shelf or on order',
	catalogue: 'in any catalogue'
};

/** What a part of a vehicle is called. */
export const PART_WORDS: Record<VehiclePart, string> = {
	whole: 'whole vehicle',
	front: 'front',
	signals: 'signals',
	cabin: 'cabin'
};

/** What sockets may be weighted by, in words. */
export const WEIGH_WORDS = {
	even: 'every socket alike',
	registered: 'vehicles on the road (file)',
	asked: 'asked for at the counter',
	vain: 'asked for, nothing to offer',
	kits: 'left open in kits'
} as const;

/** How a socket stands, in words, by its number. */
export const STANDS_WORDS = [
	'on the shelf',
	'on order',
	'in a catalogue',
	'check by hand',
	'nothing fits',
	'no lamp to change'
] as const;

/** A share in per cent; "none" where there is nothing to share. */
export const percent = (part: number, all: number): string =>
	all > 0 ? `${((100 * part) / all).toFixed(1)} %` : 'none';

/** A whole number as people write it. */
export const whole = (value: number): string => Math.round(value).toLocaleString('en');

/** An address of the Cover room with some parameters changed; those set to null are left out. */
export function withAsked(url: URL, path: string, changed: Record<string, string | number | null>): string {
	const query = new URLSearchParams([...url.searchParams].filter(([name]) => name !== 'page' && !name.startsWith('/')));
	for (const [name, value] of Object.entries(changed)) {
		if (value === null) query.delete(name);
		else query.set(name, String(value));
	}
	const text = query.toString();
	return text ? `${path}?${text}` : path;
}

/** The address of a form's action that is about what the page is asked: without it a form forgets which vehicles were chosen. */
export function actionWithAsked(url: URL, action: string): string {
	const asked = [...url.searchParams].filter(([name]) => name !== 'page' && !name.startsWith('/'));
	return [`?/${action}`, new URLSearchParams(asked).toString()].filter(Boolean).join('&');
}

/** What the fleet may be put in order by, in words. */
export const FLEET_ORDER_WORDS = {
	open: 'most sockets open first',
	served: 'best served first',
	weight: 'most wanted first',
	name: 'name'
} as const;
