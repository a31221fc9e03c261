import { counted } from '../../quantity';
import type { Product } from '../../model';
import type { FunctionId } from '../../lamps';
import { contestedWords, type Contested } from './contested';
import { anyOf, functionWords, type Words } from './words';

interface Pair {
	lamp: string;
	socket: string;
}

interface Seat {
	lamp: number;
	holder: number;
	over: number;
	under: number;
}

const seat = (d: Seat) => `${d.holder} mm holder, ${d.over} mm over to ${d.under} mm under`;

type Mode = NonNullable<Product['modes']>[number];

const MODE_WORDS: Record<Mode, string> = {
	single: 'one mode',
	dual: 'a dim and a bright mode',
	'switchback-a': 'switchback, white goes off while amber flashes',
	'switchback-b': 'switchback, white and amber alternate'
};

function modeWords(modes: readonly Mode[]): string {
	return modes.map((mode) => MODE_WORDS[mode]).join(' or ') || 'modes not given';
}

/** Texts of the base gate. */
export const baseWording = {
	'base.same': (d: Pair & { caps: readonly string[] }): Words => ({
		measured: `made for ${d.lamp}, cap ${anyOf(d.caps)}`,
		required: `${d.socket}, cap ${anyOf(d.caps)}`,
		why: 'The lamp is made for this category.'
	}),
	'base.one-base': (d: Pair & { caps: readonly string[] }): Words => ({
		measured: `made for ${d.lamp}`,
		required: `${d.socket}, cap ${anyOf(d.caps)}`,
		why: 'Cap, key and contacts agree, so that an LED stands in either; size and light are judged apart.'
	}),
	'base.key-look': (d: Pair & { caps: readonly string[] }): Words => ({
		measured: `made for ${d.lamp}`,
		required: `${d.socket}, cap ${anyOf(d.caps)}`,
		why: 'The same lamp under another number, made with two keys: hold the key of the lamp against the slot of the socket before it goes in.'
	}),
	'base.discharge': (d: { socket: string }): Words => ({
		measured: 'an LED',
		required: `${d.socket}, a discharge lamp on its ballast`,
		why: 'The ballast starts its lamp with some 20 kV, which kills an LED and may hurt a hand: an LED has no place here.'
	}),
	'base.ballast': (d: { socket: string }): Words => ({
		measured: 'said to be made for the ballast',
		required: `${d.socket}, a discharge lamp on its ballast`,
		why: 'The ballast starts its lamp with some 20 kV: ask the maker which ballast it is made for, and see it run on this one. High voltage: battery off first.'
	}),
	'base.holder-in-box': (d: { socket: string }): Words => ({
		measured: 'an adapter or ring comes in the box',
		required: `the holder of this ${d.socket} housing`,
		why: 'Seat it with the adapter or ring from its box: hold that against the housing first, and pull on the lamp at the end.'
	}),
	'base.contested': (d: Contested): Words => contestedWords(d),
	'base.other-electrics': (d: Pair & { note: string; confidence: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: `The cap is the same; the electrics differ and are judged apart. ${d.note}${mark(d.confidence)}`
	}),
	'base.glass-only': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: 'The two filament lamps differ in the colour of their glass only; the colour gate judges the light.'
	}),
	'base.check-ring': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: `Sold across these categories, and seated by its own ring: see in hand that it locks and seals. ${d.note}`
	}),
	'base.ring': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}, a ring for ${d.socket} is on sale`,
		required: d.socket,
		why: `Sold across these categories; the ring of this category seats it, so the ring goes into the kit. ${d.note}`
	}),
	'base.doubtful': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: `Low confidence, so it counts as not known: compare the caps in hand. ${d.note}`
	}),
	'base.untold': (d: Pair & { caps: readonly string[] }): Words => ({
		measured: `made for ${d.lamp}, cap ${anyOf(d.caps)}`,
		required: `${d.socket}, cap ${anyOf(d.caps)}`,
		why: 'Same base, not yet confirmed: nothing says the swap is right, so compare both lamps in hand.'
	}),
	'base.cap-uncertain': (d: { socket: string; caps: readonly string[] }): Words => ({
		measured: `caps ${anyOf(d.caps)}`,
		required: 'one cap',
		why: 'Lamps of this category are made on more than one cap: look at the keys of the lamp that came out.'
	}),
	'base.category-doubtful': (d: { socket: string; note: string }): Words => ({
		measured: d.socket,
		required: 'a category with sure data',
		why: `The data of this category are of low confidence and count as not known. ${d.note}`
	}),
	'base.trim': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: `It would go in only after a key is trimmed, and the key is there for a reason. ${d.note}`
	}),
	'base.wrong': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: `It goes in and is wrong there. ${d.note}`
	}),
	'base.no-fit': (d: Pair & { note: string }): Words => ({
		measured: `made for ${d.lamp}`,
		required: d.socket,
		why: `It does not go in. ${d.note}`
	}),
	'base.cap': (d: Pair & { lampCaps: readonly string[]; socketCaps: readonly string[] }): Words => ({
		measured: `cap ${anyOf(d.lampCaps)}`,
		required: `cap ${anyOf(d.socketCaps)}`,
		why: `A ${d.lamp} cap does not go into a ${d.socket} socket.`
	}),
	'base.wiring.same': (d: { wiring: string }): Words => ({
		measured: `wired ${d.wiring}`,
		required: `wired ${d.wiring}`,
		why: 'Lamp and socket agree on the wiring of the twin contacts.'
	}),
	'base.wiring.both': (): Words => ({
		measured: 'takes either wiring',
		required: 'standard or crossed',
		why: 'The maker states both wirings of the twin contacts; a rectifier in the lamp costs 1 to 2 V.'
	}),
	'base.wiring.unknown': (d: { whose: 'lamp' | 'socket' }): Words => ({
		measured: `wiring of the ${d.whose} not known`,
		required: 'standard or crossed, known on both sides',
		why: 'Two wirings look alike, and an LED of one in the other shorts the feed. With no lamp fitted and the lamps off, measure from each of the four contacts to bare metal: the two that read 0 to 1 ohm are the earths.'
	}),
	'base.wiring.differs': (d: { lamp: string; socket: string }): Words => ({
		measured: `lamp wired ${d.lamp}`,
		required: `socket wired ${d.socket}`,
		why: 'An LED wired the other way ties a live feed to earth: the fuse blows, or the output is shut off.'
	}),
	'base.functions.enough': (d: { modes: readonly Mode[]; functions: number }): Words => ({
		measured: modeWords(d.modes),
		required: counted(d.functions, 'function'),
		why: 'The lamp serves every function of the socket.'
	}),
	'base.functions.lost': (d: { modes: readonly Mode[]; lost: readonly FunctionId[] }): Words => ({
		measured: modeWords(d.modes),
		required: 'two functions on two contacts',
		why: `A lamp with one mode in this socket loses the ${functionWords(d.lost)}.`
	}),
	'base.functions.unknown': (): Words => ({
		measured: 'modes of the lamp not given',
		required: 'one mode, a dim and a bright one, or switchback',
		why: 'Nothing says which modes the lamp has: light every contact on the bench.'
	}),
	'base.functions.switchback': (d: { functions: readonly FunctionId[] }): Words => ({
		measured: 'white for position, amber for turn',
		required: functionWords(d.functions),
		why: 'A switchback lamp belongs in a socket that serves front position or daytime running together with turn.'
	}),
	'base.holder': (d: { socket: string }): Words => ({
		measured: `LED for ${d.socket}`,
		required: 'a holder of the shape this lamp housing takes',
		why: `${d.socket} lamps are held by many different clips and holders; without the right holder adapter the LED sits turned or set back. Match it by the shape of the holder that came out.`
	}),
	'base.festoon.seats': (d: Seat): Words => ({
		measured: `${d.lamp} mm`,
		required: seat(d),
		why: 'The length seats in the holder.'
	}),
	'base.festoon.strained': (d: Seat): Words => ({
		measured: `${d.lamp} mm`,
		required: seat(d),
		why: 'The holder is strained at this length: see in hand that the blades press, and are not bent.'
	}),
	'base.festoon.bent': (d: Seat): Words => ({
		measured: `${d.lamp} mm`,
		required: seat(d),
		why: 'Longer than its holder: the sprung arms must be bent outward by hand and may lose grip. Try it, and pull on the lamp.'
	}),
	'base.festoon.too-long': (d: Seat): Words => ({
		measured: `${d.lamp} mm`,
		required: seat(d),
		why: 'It is too long: the holder would have to be bent.'
	}),
	'base.festoon.too-short': (d: Seat): Words => ({
		measured: `${d.lamp} mm`,
		required: seat(d),
		why: 'It is too short: the blades barely touch, and it falls out.'
	}),
	'base.festoon.unknown': (d: { whose: 'lamp' | 'holder' }): Words => ({
		measured: `length of the ${d.whose} not known`,
		required: 'both lengths in mm',
		why: 'Festoons of one name are sold in several lengths: measure over the caps, and between the contacts of the holder.'
	}),
	'base.festoon.ends': (d: { lampCap: string; socketCap: string }): Words => ({
		measured: `ends ${d.lampCap}`,
		required: `ends ${d.socketCap}`,
		why: 'Loop ends and conical caps do not seat in the same holder.'
	})
};

function mark(confidence: string): string {
	return confidence === 'medium' ? ' (Medium confidence.)' : '';
}
