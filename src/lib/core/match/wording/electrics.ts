import { MISSING_WORDS, type MissingFact } from '../../circuit';
import type { FunctionId } from '../../lamps';
import type { Configuration } from '../../model';
import { contestedWords, type Contested } from './contested';
import { functionWords, type Words } from './words';

interface ColdCheck {
	channel: string;
	/** Null for an open circuit. */
	ohms: number | null;
	atMost: number;
}

const ohmText = (ohms: number | null) => (ohms === null ? 'an open circuit' : `${ohms.toFixed(0)} ohm`);

interface Pulses {
	channel: string;
	/** Hz; null when not known. */
	frequency: number | null;
	duty: number;
}

const pulses = (d: Pulses) =>
	`${d.channel}: pulsed, ${d.frequency === null ? 'frequency not known' : `${d.frequency} Hz`}, on ${Math.round(d.duty * 100)} % of the time`;

interface Load {
	channel: string;
	present: number;
	atLeast: number;
	/** Supply at which it comes nearest, V. */
	volts: number;
	lamps: number;
	/** What the dash says, as the record has it. */
	message: string | null;
}
const amp = (value: number) => `${value.toFixed(2)} A`;
const counted = (d: Load) =>
	d.lamps > 1 ? `all ${d.lamps} lamps of this category on it changed, others stock` : 'others on it stock';

/** Texts of the electrics gate. */
export const electricsWording = {
	'electrics.contested': (d: Contested): Words => contestedWords(d),
	'electrics.no-channel': (d: { functions: readonly FunctionId[] }): Words => ({
		measured: `nobody has recorded what feeds ${functionWords(d.functions)} here`,
		required: 'whether the dash reports a burnt-out lamp, and whether the feed is pulsed',
		why: 'Two looks at the vehicle stand for every output: does the dash report a burnt-out lamp, and are the headlamps pulsed? Or look in the wiring diagram.'
	}),
	'electrics.unmonitored': (d: { channel: string }): Words => ({
		measured: `${d.channel}: no monitor`,
		required: 'nothing',
		why: 'This output does not look at its lamps.'
	}),
	'electrics.filament': (d: { channel: string | null }): Words => ({
		measured: `${d.channel ? `${d.channel}: ` : ''}a filament lamp stays a filament lamp`,
		required: 'the current of the stock lamp',
		why: 'The vehicle sees what it is used to, if the power is that of the stock lamp.'
	}),
	'electrics.content': (d: Load): Words => ({
		measured: `${d.channel}: ${amp(d.present)} at ${d.volts} V (${counted(d)})`,
		required: `at least ${amp(d.atLeast)}`,
		why: 'The bulb-out check of this output stays content.'
	}),
	'electrics.hot': (d: Load): Words => ({
		measured: `${d.channel}: ${amp(d.present)} at ${d.volts} V (${counted(d)})`,
		required: `at least ${amp(d.atLeast)}`,
		why: `The bulb-out check while on complains${d.message ? ` ("${d.message}")` : ''}: a load of ${amp(d.atLeast - d.present)} or more is needed, by a load resistor or a decoder. Clean the contacts first; an old fault looks the same.`
	}),
	'electrics.flasher': (d: Load): Words => ({
		measured: `${d.channel}: ${amp(d.present)} at ${d.volts} V (${counted(d)})`,
		required: `at least ${amp(d.atLeast)} a side`,
		why: 'Below its threshold the flasher doubles its rate. It may look right in hazard, which proves nothing.'
	}),
	'electrics.flasher-assumed': (d: Load): Words => ({
		measured: `${amp(d.present)} at ${d.volts} V`,
		required: `${amp(d.atLeast)}, what the strictest flasher asks of this lamp`,
		why: 'Nobody has recorded the flasher: it may count this lamp and race. With a load resistor or decoder that brings the current back it does not; with the flasher on record a smaller part may do.'
	}),
	'electrics.cold': (d: ColdCheck): Words => ({
		measured: `${d.channel}: ${ohmText(d.ohms)} when off`,
		required: `at most ${d.atMost} ohm`,
		why: 'The bulb-out check while off takes the LED for a broken filament, and its pulses may show as a faint blink: a load resistor or decoder is needed.'
	}),
	'electrics.cold-content': (d: ColdCheck): Words => ({
		measured: `${d.channel}: ${ohmText(d.ohms)} when off`,
		required: `at most ${d.atMost} ohm`,
		why: 'The bulb-out check while off stays content.'
	}),
	'electrics.tried-quiet': (d: Tried): Words => ({
		measured: `${d.channel}: no message with this lamp on this vehicle, ${d.quiet} of ${d.quiet}`,
		required: 'no message in any mode',
		why: 'Every mode was tried with it fitted in all places of this output, without a load.'
	}),
	'electrics.tried-message': (d: Tried): Words => ({
		measured: `${d.channel}: ${d.message ?? 'a message'} came with this lamp on this vehicle, ${d.complained} of ${d.quiet + d.complained}`,
		required: 'no message in any mode',
		why: 'What was seen speaks against what was reckoned: clean the contacts, try it again, and look for what on record is not so.'
	}),
	'electrics.monitor-unknown': (d: { channel: string; missing: MissingFact }): Words => ({
		measured: `${d.channel}: ${MISSING_WORDS[d.missing]} is not known`,
		required: 'a number',
		why: `Write down ${MISSING_WORDS[d.missing]}, or fit the lamp and watch the dash through every mode.`
	}),
	'electrics.others-unknown': (d: { channel: string }): Words => ({
		measured: `${d.channel}: another lamp on it is not known`,
		required: 'the category of every lamp on it',
		why: 'Lamps on one output share its threshold: find out what else hangs on it.'
	}),
	'electrics.power-unknown': (): Words => ({
		measured: 'power of the lamp not given',
		required: 'power in W at 13.5 V for each mode',
		why: 'Measure current times voltage on the bench; the box is no measurement.'
	}),
	'electrics.pwm': (d: Pulses): Words => ({
		measured: pulses(d),
		required: 'a steady feed, or an anti-flicker module (PWM)',
		why: 'On a pulsed feed a plain LED may strobe, drop out or raise a message: an anti-flicker module (PWM) per lamp is needed, tied to the chassis where there is room.'
	}),
	'electrics.pwm-meaning': (d: Pulses): Words => ({
		measured: pulses(d),
		required: 'a lamp that follows the pulses without flicker',
		why: 'Here the pulses carry the brightness, so an anti-flicker module would make dim full: try one lamp, look for flicker, and see that dim stays dim.'
	}),
	'electrics.pwm-two-duties': (d: Pulses): Words => ({
		measured: `${pulses(d)}; one filament is tail and stop by its pulses`,
		required: 'a lamp that keeps the two brightnesses apart, and no anti-flicker module',
		why: 'Two on-shares on one wire are two brightnesses: a capacitor would make dim as bright as full. Try one lamp and look that dim stays dim.'
	}),
	'electrics.way-out': (d: { what: 'module' | 'load'; port: number }): Words => ({
		measured: 'a sealed cap closes the housing',
		required: `a way out for the ${d.what}: a hole of ${d.port} mm for its plug`,
		why: `The ${d.what} has no place inside${d.what === 'load' ? ', where it would cook' : ''}: a cap with a port, or a lead that passes the cap, leads it out.`
	}),
	'electrics.pwm-in-box': (d: Pulses): Words => ({
		measured: pulses(d),
		required: 'a steady feed, or an anti-flicker module (PWM)',
		why: 'A module comes in the box with the lamp: fit it, tied to the chassis where there is room.'
	}),
	'electrics.pwm-box-harms': (d: Pulses): Words => ({
		measured: `${pulses(d)}; a module comes with the lamp`,
		required: 'a lamp without an anti-flicker module',
		why: 'Here the pulses carry the brightness, and the module of this lamp makes dim as bright as full.'
	}),
	'electrics.feed-unknown': (d: { channel: string }): Words => ({
		measured: `${d.channel}: not known whether the feed is steady or pulsed`,
		required: 'steady, or pulsed with frequency and share of on-time',
		why: 'Measure the feed with the engine running: a mean voltage below the supply means pulses.'
	}),
	'electrics.pwm-unknown': (d: { channel: string }): Words => ({
		measured: `${d.channel}: pulsed, share of on-time not known`,
		required: 'the on-share for this function',
		why: 'Measure the feed with an averaging meter: mean voltage over supply voltage is the on-share.'
	}),
	'electrics.supply-unknown': (d: { kind: Configuration['kind'] }): Words => ({
		measured: `supply of this ${d.kind} not on record`,
		required: '6, 12 or 24 V',
		why: 'Read it from the batteries: two of 12 V in a row are 24 V. A lamp for the wrong supply stays dark or burns.'
	}),
	'electrics.range-unknown': (d: Range): Words => ({
		measured: 'the supply the lamp works on is not given',
		required: `${d.rest} to ${d.charging} V on this vehicle`,
		why: `Most lamps are made for 12 V: ask the maker whether this one works on ${d.supply} V.`
	}),
	'electrics.range-outside': (d: Range): Words => ({
		measured: `works on ${rangeText(d)}`,
		required: `${d.rest} to ${d.charging} V on this vehicle`,
		why: `It is not made for a ${d.supply} V supply.`
	}),
	'electrics.range-short': (d: Range): Words => ({
		measured: `works on ${rangeText(d)}`,
		required: `up to ${d.charging} V while charging`,
		why: 'It runs past its range while the battery is charged: ask the maker how much it bears.'
	}),
	'electrics.range-inside': (d: Range): Words => ({
		measured: d.from === null ? 'made for 12 V' : `works on ${rangeText(d)}`,
		required: `${d.rest} to ${d.charging} V on this vehicle`,
		why: 'It works from engine off to charging.'
	}),
	'electrics.dark': (d: Range): Words => ({
		measured: `lights from ${d.from} V`,
		required: `at most ${d.rest} V, the supply with the engine off`,
		why: 'With the engine off it stays dark.'
	}),
	'electrics.draws-more': (d: Fuse): Words => ({
		measured: `${d.channel}: ${amp(d.drawn)}, stock lamps ${amp(d.stock)}`,
		required: 'no more than the stock lamps, or the rating of the fuse',
		why: 'It draws more than the lamp it replaces, and nobody has recorded the fuse: look it up. Never raise a fuse for lamps.'
	}),
	'electrics.fuse': (d: Fuse): Words => ({
		measured: `${d.channel}: ${amp(d.drawn)}, stock lamps ${amp(d.stock)}`,
		required: `at most ${Math.round(d.share * 100)} % of the ${d.fuse} A fuse, lastingly`,
		why: 'Fuse, wire and plug were made for less. Never raise a fuse for lamps.'
	}),
	'electrics.fuse-holds': (d: Fuse): Words => ({
		measured: `${d.channel}: ${amp(d.drawn)}, stock lamps ${amp(d.stock)}`,
		required: `at most ${Math.round(d.share * 100)} % of the ${d.fuse} A fuse, lastingly`,
		why: 'It draws more than the stock lamp, and the fuse bears it.'
	})
};

interface Range {
	supply: number;
	rest: number;
	charging: number;
	from: number | null;
	to: number | null;
}
const rangeText = ({ from, to }: Range) => (from === to ? `${from} V` : `${from} to ${to} V`);

interface Fuse {
	channel: string;
	drawn: number;
	stock: number;
	/** A; null when not on record. */
	fuse: number | null;
	share: number;
}

/** How tests of every mode went as far as an output is concerned. */
interface Tried {
	channel: string;
	quiet: number;
	complained: number;
	message: string | null;
}
