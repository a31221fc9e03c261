import { z } from 'zod';
import { FUNCTION_IDS } from '../lamps/functions';
import { evidence } from './evidence';
import { amperes, channelId, count, hertz, label, ohms, share, socketId } from './quantities';
import { MONITOR_KINDS, FLASHER_KINDS, FLASHER_PRINCIPLES } from './enumerations';

const feed = z.discriminatedUnion('kind', [
	z.looseObject({ kind: z.literal('steady') }),
	z.looseObject({
		kind: z.literal('pwm'),
		frequency: hertz.optional(),
		/** On-share by function. */
		duty: z.record(z.string(), share).optional()
	})
]);

const monitor = z.looseObject({
	kind: z.enum(MONITOR_KINDS),
	/** A hot monitor complains below this current, A. */
	minCurrent: amperes.optional(),
	/** A cold monitor complains above this resistance, ohm. */
	maxOhm: ohms.optional()
});

/** One driver output of the vehicle and what hangs on it. */
export const channel = z.looseObject({
	id: channelId,
	feeds: z.array(z.looseObject({ socket: socketId, function: z.enum(FUNCTION_IDS) })),
	/** Absent means nobody knows whether it is steady. */
	feed: feed.optional(),
	fuse: amperes.optional(),
	/** Absent means nobody knows whether it is monitored. */
	monitor: monitor.optional(),
	message: label.optional(),
	evidence: z.array(evidence).optional()
});

/** What makes the turn lamps flash. */
export const flasher = z.looseObject({
	kind: z.enum(FLASHER_KINDS),
	/** Absent means nobody knows; a unit with two pins is taken for a thermal one, since it has no earth to measure against. */
	principle: z.enum(FLASHER_PRINCIPLES).optional(),
	pins: count(2, 12).optional(),
	reach: label.optional(),
	/** Below this current per side it doubles its rate, A. */
	thresholdCurrent: amperes.optional(),
	checksInHazard: z.boolean().optional(),
	normalPerMinute: count(1, 300).optional(),
	evidence: z.array(evidence).optional()
});

export type Channel = z.infer<typeof channel>;
export type Flasher = z.infer<typeof flasher>;
