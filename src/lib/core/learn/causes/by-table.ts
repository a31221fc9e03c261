import { isBeam, showsOutside } from '../../lamps';
import type { RemedyKind, Socket, SymptomId } from '../../model';
import { ledsIn, type Cause } from './cause';

/** A cause that no network shows: what it makes people notice, and how likely. */
interface TableCause {
	id: string;
	label: string;
	rate: number;
	where: 'beam' | 'outside' | 'any';
	symptoms: Partial<Record<SymptomId, number>>;
	remedy: readonly [RemedyKind, string];
	look: readonly [question: string, how: string, minutes: number];
}

/** Optical and mechanical causes. A new one is an entry here. Likelihoods are assumptions from practice. */
const TABLE: readonly TableCause[] = [
	{
		id: 'aim-off',
		label: 'aim too high',
		rate: 1,
		where: 'beam',
		symptoms: { glare: 0.8, 'patchy-beam': 0.1 },
		remedy: ['step', 'Set the aim on a wall or a board before driving at night.'],
		look: [
			'Does the cut-off of {place} stand higher on the wall than its rule says?',
			'Wall at a known distance, one lamp covered; Prove, aim.',
			8
		]
	},
	{
		id: 'turned-in-its-seat',
		label: 'LED turned in its seat',
		rate: 1,
		where: 'beam',
		symptoms: { glare: 0.5, 'patchy-beam': 0.75, 'high-no-better': 0.25 },
		remedy: ['step', 'Turn the collar until the emitters look left and right, then aim.'],
		look: ['Is the cut-off of {place} tilted on the wall?', 'Wall, one lamp covered; Prove, pictures of the beam.', 8]
	},
	{
		id: 'not-seated',
		label: 'lamp not fully seated',
		rate: 0.8,
		where: 'any',
		symptoms: { 'patchy-beam': 0.6, glare: 0.4, loose: 0.6, 'cap-open': 0.3, 'not-lit': 0.2, moisture: 0.2 },
		remedy: ['step', 'Take it out, put it in again until it locks all round.'],
		look: [
			'Does the lamp of {place} go further in when pressed and turned?',
			'Lights off and cold: press, turn, pull gently.',
			4
		]
	},
	{
		id: 'emitters-out-of-focus',
		label: 'emitters not where the filament was',
		rate: 0.7,
		where: 'beam',
		symptoms: { glare: 0.6, 'patchy-beam': 0.6, 'high-no-better': 0.6 },
		remedy: [
			'other-lamp',
			'Fit a lamp whose light centre and width are those of the filament, or go back to filament.'
		],
		look: [
			'Is the cut-off of {place} level but soft, or the light above it more than with the filament lamp?',
			'Wall, before and after; Prove, light and pictures.',
			12
		]
	},
	{
		id: 'worn-reflector',
		label: 'reflector or lens worn out',
		rate: 0.3,
		where: 'beam',
		symptoms: { 'high-no-better': 0.4, 'patchy-beam': 0.3, yellowed: 0.3, glare: 0.2 },
		remedy: ['not-the-lamp', 'Renew the lamp unit, or polish and seal its lens.'],
		look: ['Is the beam of {place} as poor with a filament lamp?', 'Put a filament lamp in, same wall.', 10]
	},
	{
		id: 'colour-of-another-batch',
		label: 'colour of another batch or maker',
		rate: 0.6,
		where: 'outside',
		symptoms: { 'too-blue': 0.85 },
		remedy: ['other-lamp', 'Fit lamps of one type and batch to lamps seen side by side.'],
		look: ['Are the lamps of {place} and its neighbour of different types or batches?', 'Lamps out: compare prints.', 4]
	},
	{
		id: 'colour-of-the-lens',
		label: 'colour that the lens makes of it',
		rate: 0.5,
		where: 'outside',
		symptoms: { 'too-blue': 0.7, dim: 0.3 },
		remedy: ['other-lamp', 'Fit a lamp in the colour of the lens.'],
		look: ['Is the lens of {place} tinted or faded while the lamp is white?', 'Look at the lens by daylight.', 2]
	},
	{
		id: 'cap-too-shallow',
		label: 'lamp too deep for its cap',
		rate: 0.6,
		where: 'beam',
		symptoms: { 'cap-open': 0.9, moisture: 0.5 },
		remedy: ['part', 'Fit a deeper cap, or a shorter lamp.'],
		look: ['Does the cap of {place} touch the lamp before it locks?', 'Chalk on the lamp, cap on, cap off.', 4]
	},
	{
		id: 'seal-leaks',
		label: 'seal or cap leaks',
		rate: 0.5,
		where: 'outside',
		symptoms: { moisture: 0.85, died: 0.2 },
		remedy: ['step', 'Dry the unit, renew the seal, close every opening that a lead goes through.'],
		look: ['Is a seal of {place} missing, pinched or cut by a lead?', 'Look all round, press with a finger.', 5]
	},
	{
		id: 'cold-light-mist',
		label: 'mist that a cool LED no longer dries',
		rate: 0.3,
		where: 'beam',
		symptoms: { moisture: 0.6 },
		remedy: ['step', 'Clear the vents of the unit; a little mist that goes while driving does no harm.'],
		look: ['Does the mist of {place} go within half an hour of driving?', 'Ask, or leave the lamps on.', 3]
	},
	{
		id: 'too-hot',
		label: 'too hot in its place',
		rate: 0.5,
		where: 'any',
		symptoms: { died: 0.6, melting: 0.6, yellowed: 0.4, dim: 0.25, flicker: 0.15 },
		remedy: ['other-lamp', 'Fit a lamp of less power, or one with a strap or fan and room for it.'],
		look: [
			'Is the lamp of {place} over its limit after ten minutes, or is plastic brown about it?',
			'Prove, temperature, with matt tape.',
			12
		]
	},
	{
		id: 'bad-batch',
		label: 'bad batch of the lamp',
		rate: 0.3,
		where: 'any',
		symptoms: { died: 0.6, flicker: 0.2, 'too-blue': 0.2 },
		remedy: ['part', 'Renew the lamp from another batch; ask after the others of this one.'],
		look: [
			'Have other lamps with the batch number of {place} failed as well?',
			'Read the batch, look at the history of the product.',
			3
		]
	},
	{
		id: 'weak-retention',
		label: 'holder does not hold it',
		rate: 0.5,
		where: 'any',
		symptoms: { loose: 0.85, flicker: 0.2, 'patchy-beam': 0.15 },
		remedy: ['part', 'Fit the adapter ring or spring of this lamp, or a lighter lamp.'],
		look: ['Does the lamp of {place} move when the unit is tapped?', 'Cold, lights off: tap and look.', 3]
	},
	{
		id: 'driver-radiates',
		label: 'driver disturbs the radio',
		rate: 0.6,
		where: 'any',
		symptoms: { 'radio-hiss': 0.9 },
		remedy: ['part', 'Put a ferrite on the lead close to the driver, or fit a lamp with a suppressed driver.'],
		look: [
			'Does the hiss stop when the lamp of {place} is unplugged?',
			'Weak station, lamps on, unplug one after the other.',
			4
		]
	},
	{
		id: 'fan-worn',
		label: 'fan worn or touching',
		rate: 0.8,
		where: 'beam',
		symptoms: { 'fan-noise': 0.9, died: 0.1 },
		remedy: ['part', 'Free the fan from leads, or renew the lamp.'],
		look: ['Does the noise of {place} stop when its lamp is unplugged?', 'Engine off, lamps on, listen.', 3]
	},
	{
		id: 'lens-aged',
		label: 'lens aged by sun and heat',
		rate: 0.2,
		where: 'outside',
		symptoms: { yellowed: 0.8, 'patchy-beam': 0.1 },
		remedy: ['not-the-lamp', 'Polish and seal the lens, or renew the unit.'],
		look: ['Is the lens of {place} as yellow where no light of the lamp falls?', 'Look at its edges by daylight.', 2]
	},
	{
		id: 'load-near-plastic',
		label: 'load resistor too near plastic or wire',
		rate: 0.15,
		where: 'outside',
		symptoms: { melting: 0.8 },
		remedy: ['step', 'Bolt the load to bare metal, away from plastic, hose and wire.'],
		look: ['Does a load near {place} touch plastic, hose or wire?', 'Cold: look where the load is bolted.', 4]
	}
];

const isAt = (where: TableCause['where'], { functions }: Socket): boolean => {
	if (where === 'beam') return isBeam(functions);
	return where === 'any' || showsOutside(functions);
};

/** The causes of the table, each with every LED it may be about. */
export const TABLE_CAUSES: readonly Cause[] = TABLE.map(({ where, symptoms, remedy, look, ...cause }) => ({
	...cause,
	also: symptoms,
	remedy: { kind: remedy[0], words: remedy[1] },
	look: { question: look[0], how: look[1], minutes: look[2] },
	places: ({ scene }) =>
		ledsIn(scene)
			.filter(({ socket }) => isAt(where, socket))
			.map(({ socket: { id } }) => ({ socket: id, variants: [], touched: { sockets: [], channels: [] } }))
}));
