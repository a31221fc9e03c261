import type { ProvePlace } from '$lib/core/views';

/** A lamp somebody may have fitted. */
export interface OfferedLamp {
	id: string;
	name: string;
	maker: string;
}

/** What an address asks for: a place, and a lamp in it; null stands for the stock lamp. */
export interface Asked {
	place: ProvePlace | null;
	lamp: string | null;
}

/** The place and the lamp an address asks for; the first that throws a beam, with its first lamp, where it names none. */
export function askedIn(
	url: URL,
	{
		places,
		lamps,
		only
	}: {
		places: readonly ProvePlace[];
		lamps: Readonly<Record<string, readonly OfferedLamp[]>>;
		/** Which places may be asked for. */
		only: (place: ProvePlace) => boolean;
	}
): Asked {
	const fit = places.filter(only);
	const named = url.searchParams.get('place');
	const place = fit.find(({ socket }) => socket === named) ?? fit[0] ?? null;
	const lamp = url.searchParams.get('lamp');
	const first = place ? (lamps[place.socket]?.[0]?.id ?? null) : null;
	return { place, lamp: lamp === 'stock' ? null : (lamp ?? first) };
}

/** The address with another place or lamp. */
export function askedAs(url: URL, change: { place?: string; lamp?: string | null }): string {
	const next = new URLSearchParams(url.searchParams);
	if (change.place !== undefined) {
		next.set('place', change.place);
		next.delete('lamp');
	}
	if (change.lamp !== undefined) next.set('lamp', change.lamp ?? 'stock');
	return `?${next.toString()}`;
}
