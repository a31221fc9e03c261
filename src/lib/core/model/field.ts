import { z } from 'zod';
import { celsius, count, day, label } from './quantities';

/** A reading taken on a vehicle: the body of a lamp after some time lit. */
export const reading = z.looseObject({
	kind: label.optional(),
	product: label.optional(),
	configuration: label.optional(),
	socket: label.optional(),
	/** Temperature of the body, and of the air about it, C. */
	body: celsius.optional(),
	ambient: celsius.optional(),
	/** How long it had been lit, min. */
	minutes: z.number().min(0).max(100000).optional(),
	on: day.optional(),
	by: label.optional()
});

/** What a customer said when the shop asked after a lamp: `fine`, or what is wrong. */
export const followUp = z.looseObject({
	id: label.optional(),
	product: label.optional(),
	configuration: label.optional(),
	socket: label.optional(),
	/** The fitting that was asked after; it stands for all its lamps where no socket is named. */
	fitting: label.optional(),
	/** How long after it was fitted. */
	months: count(0, 600).optional(),
	answer: label.optional(),
	on: day.optional(),
	by: label.optional()
});

export type Reading = z.infer<typeof reading>;
export type FollowUp = z.infer<typeof followUp>;
