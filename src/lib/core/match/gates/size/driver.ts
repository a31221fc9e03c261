import { depthNeeded, fitsInside, type Box } from '../../../fit';
import type { Product, Socket } from '../../../model';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Smallest hole a driver's plug goes through, mm (the usual two-pin headlamp plugs; an assumption). */
export const PLUG_MM = 22;

/** Where the box on the lead of a lamp goes: under the cap, or out through it. */
export const driverRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament' || category.mount !== 'flange') return null;
	const { driver } = product;
	if (!driver) return finding('size.driver.untold', null, { level: 'unknown', source: MAKER });
	if (driver.where === 'none') return null;
	if (socket.cap?.kind === 'none')
		return finding('size.driver.outside', null, { level: 'pass', source: source('cap') });
	const inside = isInside(product, socket);
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
function isInside({ driver, size, cooling }: Product, { envelope }: Socket): boolean | null {
	const { rearLength, rearDiameter } = size ?? {};
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
