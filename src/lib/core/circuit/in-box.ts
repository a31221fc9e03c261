import type { Included, Product } from '../model';

/** A module that does not state its capacitance has a usual one, F. */
export const USUAL_FARADS = 0.0022;

/** Capacitance that one thing from the box of a lamp puts beside its feed, F; null for what holds nothing up. A decoder smooths where it says so. */
function faradsOf({ kind, capacitance }: Included): number | null {
	if (kind === 'pwm-module') return capacitance ?? USUAL_FARADS;
	return kind === 'decoder' ? (capacitance ?? null) : null;
}

/** Capacitance that comes in the box with a lamp, F; null when none does. */
export function smoothingInBox({ includes = [] }: Pick<Product, 'includes'>): number | null {
	const found = includes.flatMap((item) => faradsOf(item) ?? []);
	return found.length > 0 ? Math.max(...found) : null;
}

/** Resistances that come in the box with a lamp and hang beside it, ohm. */
export function loadsInBox({ includes = [] }: Pick<Product, 'includes'>): number[] {
	return includes.flatMap(({ kind, resistance }) =>
		resistance && (kind === 'decoder' || kind === 'resistor' || kind === 'load-harness') ? [resistance] : []
	);
}
