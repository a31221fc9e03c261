import type { Product, Socket } from '../../../model';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Second digit of an ingress rating that stands spray from the road, and one that is worth asking about (IEC 60529). */
const SPRAY_PROOF = 5;
const SPLASH_PROOF = 4;

type WetPlace = 'no-lens' | 'open-back' | 'fan';

/** Why a place is wet; null when it is dry, as far as anybody knows. */
function wetBy(
	{ zone, cap, lens }: Socket,
	{ outside, product }: { outside: boolean; product: Product }
): WetPlace | null {
	const road = zone === 'front' || zone === 'side' || zone === 'engine';
	if (outside && lens === 'none') return 'no-lens';
	if (cap?.kind !== 'none') return null;
	if (product.cooling === 'fan') return 'fan';
	return outside && road ? 'open-back' : null;
}

/** The digit that says how much water a lamp stands; null when its maker does not say. @example waterDigit('IP67') // 7 */
function waterDigit(ip: string | undefined): number | null {
	const digit = /^IPX?\d?(\d)/i.exec((ip ?? '').replace(/\s/g, ''))?.[1];
	return digit === undefined ? null : Number(digit);
}

/** Places that get wet want a lamp that stands it: outside without a lens, an open back towards the road, a fan behind an open back. */
export const ingressRule: Rule = ({ socket, outside }, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const place = wetBy(socket, { outside, product });
	if (place === null) return null;
	const digit = waterDigit(product.ip);
	const data = { place, ip: product.ip ?? null };
	if (digit === null || digit === SPLASH_PROOF)
		return finding('size.wet.unknown', data, { level: 'unknown', source: MAKER });
	return digit >= SPRAY_PROOF
		? finding('size.wet.stands', data, { level: 'pass', source: MAKER })
		: finding('size.wet.drowns', data, { level: 'refuse', source: MAKER });
};
