import { depthNeeded, fitsInside, type Box } from '../../../fit';
import type { Product, Socket } from '../../../model';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Smallest hole a driver's plug goes through, mm (the usual two-pin headlamp plugs; an assumption). */
export const PLUG_MM = 22;

/**
 * Where the box on the lead of a lamp goes: under the cap, or out through it. Every kind of lamp may have one; of a lamp without a flange whose
 * maker names none, there is none.
 */
export const driverRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const { driver, includes = [] } = product;
	const flange = category.mount === 'flange';
	if (!driver) return flange ? finding('size.driver.untold', null, { level: 'unknown', source: MAKER }) : null;
	if (driver.where === 'none') return null;
	if (socket.cap?.kind === 'none')
		return finding('size.driver.outside', null, { level: 'pass', source: source('cap') });
	const inBox = includes.some(({ kind, port }) => (kind === 'cap' || kind === 'lead') && (port ?? 0) >= PLUG_MM);
	if (inBox) return finding('size.driver.way-out', null, { level: 'pass', source: MAKER });
	const inside = isInside(product, { socket, flange });
	if (inside === null) return finding('size.driver.unknown', null, { level: 'unknown', source: MAKER });
	const box = driver.size ?? [];
	return inside
		? finding('size.driver.inside', { box }, { level: 'pass', source: source('envelope') })
		: finding(
				'size.driver.port',
				{ box, port: PLUG_MM },
				{ level: 'needs', source: source('envelope'), need: { kind: 'cap', extraDepth: 0, port: PLUG_MM } }
			);
};

/** Whether the driver fits under the stock cap; null when a measurement is missing. */
function isInside(
	{ driver, size, cooling }: Product,
	{ socket: { envelope }, flange }: { socket: Socket; flange: boolean }
): boolean | null {
	// A lamp without a flange has no body behind its holder.
	const { rearLength, rearDiameter } = flange ? (size ?? {}) : { rearLength: 0, rearDiameter: 0, ...size };
	const [a, b, c] = driver?.size ?? [];
	const { rearDepth, rearDiameter: diameter } = envelope ?? {};
	if (a === undefined || b === undefined || c === undefined) return null;
	if (rearLength === undefined || rearDiameter === undefined || rearDepth === undefined || diameter === undefined)
		return null;
	const box: Box = [a, b, c];
	return fitsInside(box, {
		depth: rearDepth,
		diameter,
		bodyDepth: depthNeeded(rearLength, cooling),
		bodyDiameter: rearDiameter
	});
}
