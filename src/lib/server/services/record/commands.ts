import { z } from 'zod';
import {
	EVIDENCE_SOURCES,
	channel,
	configuration,
	configurationId,
	flasher,
	label,
	operation,
	socket,
	socketId,
	unitId
} from '../../../core/model';

const source = z.enum(EVIDENCE_SOURCES);
const note = z.string().max(1000).optional();
const subject = z.object({ kind: z.enum(['vehicle', 'socket', 'channel', 'flasher', 'operation']), id: label });

/** What a person can ask to be changed in a vehicle's record. A new command is one entry here and one in `edits.ts`. */
export const command = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('add-line'), line: z.string().max(500), source }),
	z.object({ kind: z.literal('absent'), place: label, absent: z.boolean() }),
	/** Facts by path; null says that a fact is not known after all. */
	z.object({ kind: z.literal('claim'), subject, facts: z.record(label, z.unknown()), source, note }),
	z.object({
		kind: z.literal('settle'),
		subject,
		fact: label,
		value: z.unknown(),
		/** Where a value comes from that nobody has said before. */
		source: source.optional(),
		note
	}),
	z.object({
		kind: z.literal('place'),
		socket: socketId,
		place: socket.pick({ zone: true, side: true, index: true, functions: true, names: true })
	}),
	/** What tests of every mode taught about a threshold. */
	z.object({
		kind: z.literal('tested'),
		subject,
		fact: label,
		value: z.number(),
		narrows: z.boolean(),
		note: z.string().max(1000)
	}),
	z.object({ kind: z.literal('remove'), socket: socketId }),
	z.object({ kind: z.literal('order'), sockets: z.array(socketId).max(500) }),
	z.object({ kind: z.literal('mirror') }),
	z.object({ kind: z.literal('sister'), from: configurationId, sockets: z.array(socketId).max(500) }),
	z.object({ kind: z.literal('channel'), channel, former: channel.shape.id.optional() }),
	z.object({ kind: z.literal('usual-channels') }),
	z.object({ kind: z.literal('remove-channel'), channel: channel.shape.id }),
	z.object({ kind: z.literal('flasher'), flasher: flasher.nullable() }),
	z.object({
		kind: z.literal('identity'),
		identity: configuration.pick({
			make: true,
			model: true,
			names: true,
			generation: true,
			years: true,
			body: true,
			kind: true,
			market: true,
			steering: true,
			options: true,
			tells: true
		})
	}),
	z.object({ kind: z.literal('leave-unit'), unit: unitId }),
	z.object({ kind: z.literal('access-line'), line: z.string().max(500), source }),
	z.object({ kind: z.literal('operation'), operation, former: label.optional(), source, note }),
	z.object({ kind: z.literal('remove-operation'), operation: label }),
	z.object({ kind: z.literal('mirror-access'), from: z.enum(['left', 'right']) }),
	z.object({ kind: z.literal('sister-access'), from: configurationId, operations: z.array(label).max(200) })
]);

export type Command = z.infer<typeof command>;
