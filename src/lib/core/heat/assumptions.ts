import type { Product, Socket } from '../exchange';
import type { Mount } from '../lamps';

/** Thermal resistance from lamp body to the air around it, K/W, by body and cooling. Middle of what is seen; editable later. */
const RESISTANCE: Record<Mount, Record<NonNullable<Product['cooling']>, number>> = {
	flange: { none: 6, fins: 3, strap: 2.4, fan: 1.6 },
	bayonet: { none: 16, fins: 12, strap: 12, fan: 8 },
	wedge: { none: 40, fins: 30, strap: 30, fan: 20 },
	festoon: { none: 35, fins: 26, strap: 26, fan: 18 }
};
/** The 16 mm wedges have the body of a bayonet lamp. */
const LARGE_WEDGE = RESISTANCE.bayonet;

/** K/W of a lamp in free air. */
export function thermalResistance(body: { mount: Mount; diameter?: number; cooling: Product['cooling'] }): number {
	const large = body.mount === 'wedge' && (body.diameter ?? 0) >= 14;
	return (large ? LARGE_WEDGE : RESISTANCE[body.mount])[body.cooling ?? 'none'];
}

/** Factor on the thermal resistance by what closes the back of the lamp. */
export const CAP_FACTOR = { open: 1, ported: 1.1, extended: 1.3, sealed: 1.6 } as const;

/** The factor of the cap a socket has today. Without a word about the cap, a headlamp is taken as sealed. */
export function capFactor(cap: Socket['cap'], mount: Mount): number {
	if (mount !== 'flange') return CAP_FACTOR.open;
	return cap?.kind === 'none' ? CAP_FACTOR.open : CAP_FACTOR.sealed;
}

const AMBIENT: Record<Socket['zone'], number> = {
	front: 60,
	side: 45,
	rear: 45,
	roof: 45,
	cabin: 40,
	luggage: 40,
	cluster: 50,
	engine: 80
};

/** Air around the lamp on a warm day, C, by zone. */
export function ambient(zone: Socket['zone']): number {
	return AMBIENT[zone];
}
