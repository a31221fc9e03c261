import { z } from 'zod';
import { evidence } from './evidence';
import {
	accessoryId,
	celsius,
	configurationId,
	count,
	degrees,
	farads,
	kelvins,
	label,
	lumens,
	millimetres,
	minorUnits,
	nanometres,
	ohms,
	productId,
	seconds,
	sku,
	socketId,
	volts,
	watts
} from './quantities';
import {
	ACCESSORY_KINDS,
	PRODUCT_KINDS,
	PRODUCT_WIRINGS,
	PRODUCT_MODES,
	EMISSIONS,
	CLAIMED_PER,
	POLARITIES,
	COLLARS,
	COOLINGS,
	DRIVER_PLACES,
	LIGHT_COLOURS,
	PURPOSES
} from './enumerations';

/** How a product is sold. */
export const pack = z.looseObject({
	sku: sku,
	count: count(1, 1000),
	price: minorUnits,
	/** What the shop pays for it. */
	cost: minorUnits.optional(),
	/** Packs on the shelf. */
	stock: count(0, 100000).optional(),
	/** Packs on order with a supplier, not here yet. */
	ordered: count(0, 100000).optional(),
	/** Where the shop keeps it. */
	shelf: label.optional(),
	/** When a supplier last said so, ISO. */
	asOf: z.string().optional()
});

const colour = z.looseObject({
	kind: z.enum(LIGHT_COLOURS),
	/** Colour temperature of white light, K. */
	cct: kelvins.optional(),
	/** Peak wavelength of coloured light, nm. */
	peak: nanometres.optional(),
	/** True when coloured light comes from a phosphor instead of the chip. */
	phosphor: z.boolean().optional()
});

/** What comes in the box with a lamp: a kind of accessory, with the fields of one. A decoder is a load and a capacitor in one. */
const included = z.looseObject({
	kind: z.enum([...ACCESSORY_KINDS, 'decoder']),
	name: label.optional(),
	resistance: ohms.optional(),
	rating: watts.optional(),
	extraDepth: millimetres.optional(),
	port: millimetres.optional(),
	capacitance: farads.optional()
});

/** Which vehicles a maker says it is for, or not for. A claim: shown, and outranked by a hand. */
const vehicleClaim = z.looseObject({
	for: label.optional(),
	notFor: label.optional(),
	vehicle: label.optional()
});

/** One piece of an assembly on a vehicle: the sockets whose lamps it does away with, and what it draws in their place, W by function. */
const mount = z.looseObject({
	configuration: configurationId,
	sockets: z.array(socketId).min(1, 'must name at least one socket'),
	draws: z.record(z.string(), watts).default({})
});

/** A lamp on sale, or a whole assembly. `flux`, `life` and `ip` are the maker's claims until measured. */
export const product = z.looseObject({
	id: productId,
	maker: label,
	name: label,
	kind: z.enum(PRODUCT_KINDS),
	fits: z.array(label).min(1, 'must name at least one lamp category'),
	/** Absent means what its kind is usually for. */
	purpose: z.array(z.enum(PURPOSES)).optional(),
	wiring: z.enum(PRODUCT_WIRINGS).optional(),
	modes: z.array(z.enum(PRODUCT_MODES)).optional(),
	colour: colour.optional(),
	/** Colour of the dim or position mode where it differs from `colour` (switchback). */
	minorColour: colour.optional(),
	emission: z.enum(EMISSIONS).optional(),
	flux: z
		.looseObject({
			claimed: lumens.nullish(),
			per: z.enum(CLAIMED_PER).optional(),
			measured: lumens.nullish(),
			/** Claimed flux of the dim mode. */
			minor: lumens.nullish()
		})
		.optional(),
	power: z.looseObject({ at13v5: watts.optional(), minor: watts.optional() }).optional(),
	/** Supplies it works on, V, lowest and highest. */
	volts: z.tuple([volts, volts]).optional(),
	turnOn: volts.optional(),
	startUp: seconds.optional(),
	/** Power at 13.5 V of a resistor inside the lamp, W. */
	builtInLoad: watts.optional(),
	polarity: z.enum(POLARITIES).optional(),
	size: z
		.looseObject({
			frontLength: millimetres.optional(),
			frontDiameter: millimetres.optional(),
			lightCentre: millimetres.optional(),
			rearLength: millimetres.optional(),
			rearDiameter: millimetres.optional(),
			/** Length over the caps of a festoon. */
			length: millimetres.optional()
		})
		.optional(),
	collar: z.enum(COLLARS).optional(),
	emitterAngle: degrees.optional(),
	cooling: z.enum(COOLINGS).optional(),
	/** Body temperature the lamp must not pass, C. */
	limit: celsius.optional(),
	ip: label.optional(),
	/** Claimed life, h. */
	life: count(0, 10000000).optional(),
	driver: z.looseObject({ where: z.enum(DRIVER_PLACES), size: z.array(millimetres).optional() }).optional(),
	/** Where an assembly goes; the pieces of one vehicle are fitted together. */
	mounts: z.array(mount).optional(),
	/** Accessories that always come along with one piece, such as the bracket of a pod. */
	with: z.array(accessoryId).optional(),
	includes: z.array(included).optional(),
	claims: z.array(vehicleClaim).optional(),
	packs: z.array(pack).default([]),
	/** True when it is no longer offered; kits and history keep it. */
	withdrawn: z.boolean().optional(),
	evidence: z.array(evidence).optional()
});

export type Product = z.infer<typeof product>;
export type Pack = z.infer<typeof pack>;
export type ProductMode = (typeof PRODUCT_MODES)[number];
export type Collar = (typeof COLLARS)[number];
export type Cooling = (typeof COOLINGS)[number];
export type Included = z.infer<typeof included>;
export type Purpose = (typeof PURPOSES)[number];
export type LightColour = z.infer<typeof colour>;
