import { z } from 'zod';
import { channel, flasher } from './channel';
import { access } from './operation';
import { configurationId, count, label, socketId } from './quantities';
import { socket } from './socket';
import { evidence } from './evidence';
import { HEADLAMP_FEED_LOOKS, LAMP_OUT_LOOKS, STEERINGS, SUPPLY_VOLTAGES, VEHICLE_KINDS } from './enumerations';

/** What one look at the vehicle tells of every output that nobody has recorded by itself. */
export const looks = z.looseObject({
	lampOutMessage: z.enum(LAMP_OUT_LOOKS).optional(),
	headlampFeed: z.enum(HEADLAMP_FEED_LOOKS).optional()
});

const modelYear = count(1900, 2100);

/** One vehicle as it can stand at the door: a model with the options that change its lamps. */
export const configuration = z.looseObject({
	id: configurationId,
	make: label,
	model: label,
	/** What the model is called elsewhere; it is found by these as well. */
	names: z.array(label).optional(),
	generation: label.optional(),
	years: z.tuple([modelYear, modelYear]).optional(),
	body: label.optional(),
	kind: z.enum(VEHICLE_KINDS),
	market: label,
	steering: z.enum(STEERINGS).optional(),
	/** Nominal supply, V; absent means 12 where a vehicle of its kind has nothing else. */
	voltage: z.literal(SUPPLY_VOLTAGES).optional(),
	looks: looks.optional(),
	options: z.record(z.string(), z.unknown()).optional(),
	tells: z.array(z.string().max(500)).optional(),
	sockets: z.array(socket),
	/** Socket ids in an order a person chose; sockets not named follow in walking order. */
	walk: z.array(socketId).optional(),
	/** Places that were looked at and carry no lamp, such as `front:fog`. */
	absent: z.array(label).optional(),
	channels: z.array(channel).default([]),
	flasher: flasher.optional(),
	access: access.optional(),
	evidence: z.array(evidence).optional()
});

export type Configuration = z.infer<typeof configuration>;
