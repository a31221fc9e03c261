import { z } from 'zod';

/** Words that every object answers to, and the dots of a path: no name of a thing. */
const isReserved = (text: string) => text in {} || /^\.+$/.test(text);

const nameText = (pattern: RegExp, words: string) =>
	z
		.string()
		.min(1, 'must not be empty')
		.max(80, 'must be at most 80 characters')
		.regex(pattern, words)
		.refine((text) => !isReserved(text), 'is a word that programs keep for themselves; choose another');

/** Text that names a thing of any alphabet: one line, no control characters, nothing a path or an address could trip over. */
const idText = nameText(
	/^[^\p{C}/\\?#%\s](?:[^\p{C}/\\?#%]*[^\p{C}/\\?#%\s])?$/u,
	'must be one line without slashes, ?, #, % or spaces at its ends'
);

/** The number of a pack, as its maker gives it. */
const skuText = nameText(
	/^[^\p{C}/\\\s](?:[^\p{C}/\\]*[^\p{C}/\\\s])?$/u,
	'must be one line without slashes or spaces at its ends'
);

export const configurationId = idText.brand<'ConfigurationId'>();
export const socketId = idText.brand<'SocketId'>();
export const unitId = idText.brand<'UnitId'>();
export const channelId = idText.brand<'ChannelId'>();
export const productId = idText.brand<'ProductId'>();
export const accessoryId = idText.brand<'AccessoryId'>();
export const sku = skuText.brand<'Sku'>();

/** A short free text for people. */
export const label = z.string().min(1, 'must not be empty').max(200, 'must be at most 200 characters');

const between = (min: number, max: number, unit: string) =>
	z
		.number()
		.min(min, `must be at least ${min} ${unit}`.trim())
		.max(max, `must be at most ${max} ${unit}, more is not credible`);

/** Length, mm. */
export const millimetres = between(0, 2000, 'mm').brand<'mm'>();
/** Angle, degrees clockwise from 12 o'clock, seen from the front of the vehicle. */
export const degrees = between(-360, 360, 'degrees').brand<'deg'>();
/** Electric power, W. */
export const watts = between(0, 500, 'W').brand<'W'>();
/** Current, A. */
export const amperes = between(0, 200, 'A').brand<'A'>();
/** Resistance, ohm. */
export const ohms = between(0, 1e7, 'ohm').brand<'ohm'>();
/** Voltage, V. */
export const volts = between(0, 60, 'V').brand<'V'>();
/** Capacitance, F. */
export const farads = between(0, 1, 'F').brand<'F'>();
/** Time, s. */
export const seconds = between(0, 3600, 's').brand<'s'>();
/** Temperature, degrees Celsius. */
export const celsius = between(-60, 400, 'C').brand<'C'>();
/** Colour temperature, K. */
export const kelvins = between(1500, 20000, 'K').brand<'K'>();
/** Wavelength, nm. */
export const nanometres = between(380, 780, 'nm').brand<'nm'>();
/** Luminous flux, lm. */
export const lumens = between(0, 100000, 'lm').brand<'lm'>();
/** Money, minor units of the document's currency. */
export const minorUnits = between(0, 1e8, 'minor units').int('must be a whole number of minor units').brand<'minor'>();
/** A count of things. */
export const count = (min: number, max: number) => between(min, max, '').int('must be a whole number');
/** A share from 0 to 1. */
export const share = between(0, 1, '');
/** Frequency, Hz. */
export const hertz = between(0, 1e6, 'Hz').brand<'Hz'>();
/** A calendar day, `YYYY-MM-DD`. */
export const day = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'must be a date such as 2026-03-02');
