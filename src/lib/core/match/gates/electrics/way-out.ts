import { depthNeeded } from '../../../fit';
import type { Product } from '../../../model';
import type { SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { PLUG_MM } from '../size/driver';

/** Room beside or behind the body of a lamp that takes a module under the cap, mm. An assumption. */
const MODULE_MM = 20;

/** True when a module finds a place under the closed cap. */
function fitsUnder({ socket: { envelope } }: SocketCase, { size, cooling }: Product): boolean {
	const { rearDepth, rearDiameter } = envelope ?? {};
	const behind =
		rearDepth !== undefined &&
		size?.rearLength !== undefined &&
		rearDepth - depthNeeded(size.rearLength, cooling) >= MODULE_MM;
	const beside =
		rearDiameter !== undefined &&
		size?.rearDiameter !== undefined &&
		(rearDiameter - size.rearDiameter) / 2 >= MODULE_MM;
	return behind || beside;
}

/**
 * A module or load that hangs on a lamp in a housing with a sealed cap has to come out of it: by a cap with a port, or by a lead that passes it.
 * Nothing where the housing is open, where there is room inside, or where the way out comes in the box. A load never stays inside.
 */
export function wayOut(s: SocketCase, product: Product, what: 'module' | 'load'): Finding[] {
	if (s.socket.cap?.kind !== 'stock-sealed') return [];
	const inBox = product.includes?.some(({ kind, port }) => (kind === 'cap' || kind === 'lead') && (port ?? 0) > 0);
	if (inBox || (what === 'module' && fitsUnder(s, product))) return [];
	return [
		finding(
			'electrics.way-out',
			{ what, port: PLUG_MM },
			{ level: 'needs', source: s.source('cap'), need: { kind: 'cap', extraDepth: 0, port: PLUG_MM } }
		)
	];
}
