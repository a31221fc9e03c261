import { z } from 'zod';
import { channel, flasher } from './channel';
import { configurationId, count, label, socketId } from './quantities';
import { socket } from './socket';
import { VEHICLE_KINDS, STEERINGS } from './enumerations';

const operation = z.looseObject({
	id: label,
	side: z.enum(['left', 'right', 'both']).optional(),
	title: label,
	after: z.array(label).optional(),
	anyOf: z.array(z.array(label)).optional(),
	tools: z.array(label).optional(),
	fasteners: z
		.array(z.looseObject({ kind: label, count: count(1, 99).optional(), note: z.string().max(500).optional() }))
		.optional(),
	minutesOff: z.number().min(0).max(600).optional(),
	minutesOn: z.number().min(0).max(600).optional(),
	cautions: z.array(label).optional(),
	reaches: z.array(socketId).optional()
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
	options: z.record(z.string(), z.unknown()).optional(),
	tells: z.array(z.string().max(500)).optional(),
	sockets: z.array(socket),
	/** Socket ids in an order a person chose; sockets not named follow in walking order. */
	walk: z.array(socketId).optional(),
	/** Places that were looked at and carry no lamp, such as `front:fog`. */
	absent: z.array(label).optional(),
	channels: z.array(channel).default([]),
	flasher: flasher.optional(),
	access: z.looseObject({ operations: z.array(operation) }).optional()
});

export type Configuration = z.infer<typeof configuration>;
