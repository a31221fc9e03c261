import { z } from 'zod';
import { label, unitId } from './quantities';
import { socket } from './socket';

/** One lamp holder of a unit: the facts that are the same wherever the unit is fitted. */
const unitSocket = socket
	.omit({ id: true, zone: true, side: true, index: true, names: true, keyAngle: true, unit: true })
	.extend({ place: label });

/** A lamp unit that several configurations share, kept once. How a key stands is the vehicle's own and not kept here. */
export const unit = z.looseObject({
	id: unitId,
	name: label,
	/** What is moulded or printed on it. */
	marks: z.array(label).optional(),
	sockets: z.array(unitSocket).min(1, 'must have at least one socket')
});

export type Unit = z.infer<typeof unit>;
export type UnitSocket = z.infer<typeof unitSocket>;
