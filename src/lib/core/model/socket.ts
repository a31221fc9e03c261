import { z } from 'zod';
import { FUNCTION_IDS } from '../lamps/functions';
import { evidence } from './evidence';
import { count, degrees, label, millimetres, socketId, unitId } from './quantities';
import {
	ZONES,
	SIDES,
	type LENSES,
	OPTICS,
	ENTRIES,
	SOCKET_WIRINGS,
	SOCKET_STATES,
	CAP_KINDS,
	RETENTIONS,
	BULB_COLOURS,
	SURFACES
} from './enumerations';

/** Free room for a lamp. Front of the reference plane: the bowl and lens. Behind it: with the stock cap closed. */
export const envelope = z.looseObject({
	frontLength: millimetres.optional(),
	frontDiameter: millimetres.optional(),
	rearDepth: millimetres.optional(),
	rearDiameter: millimetres.optional(),
	/** Smallest hole the front of the lamp has to pass. */
	opening: millimetres.optional(),
	/** Distance between the contacts of a festoon holder. */
	holderLength: millimetres.optional(),
	entry: z.enum(ENTRIES).optional()
});

/** One lamp holder of one vehicle configuration. Left and right are the vehicle's own. */
export const socket = z.looseObject({
	id: socketId,
	zone: z.enum(ZONES),
	side: z.enum(SIDES),
	index: count(1, 99).default(1),
	functions: z.array(z.enum(FUNCTION_IDS)).min(1, 'must name at least one function'),
	names: z.array(label).optional(),
	category: label.optional(),
	wiring: z.enum(SOCKET_WIRINGS).optional(),
	state: z.enum(SOCKET_STATES).default('filament'),
	optic: z.enum(OPTICS).optional(),
	/** One of `LENSES`, or another word; what another lens lets through is not known. */
	lens: label.optional(),
	/** Colour of the glass of the stock lamp, apart from the lens. */
	bulbColour: z.enum(BULB_COLOURS).optional(),
	/** How the holder stands, in words or as a time on the clock. */
	orientation: label.optional(),
	envelope: envelope.optional(),
	cap: z.looseObject({ kind: z.enum(CAP_KINDS), depth: millimetres.optional() }).optional(),
	retention: z.enum(RETENTIONS).optional(),
	keyAngle: degrees.optional(),
	surface: z.enum(SURFACES).optional(),
	/** The shared lamp unit this socket belongs to, and its place in it; its facts are kept once, with the unit. */
	unit: z.looseObject({ id: unitId, place: label }).optional(),
	evidence: z.array(evidence).optional()
});

export type Socket = z.infer<typeof socket>;
export type Envelope = z.infer<typeof envelope>;
export type Lens = (typeof LENSES)[number];
export type Side = (typeof SIDES)[number];
export type Zone = (typeof ZONES)[number];
export type Retention = (typeof RETENTIONS)[number];
export type CapKind = (typeof CAP_KINDS)[number];
