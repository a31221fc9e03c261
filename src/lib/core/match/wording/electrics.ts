import { MISSING_WORDS, type MissingFact } from '../../circuit';
import type { Words } from './words';

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
	lamps: number;
	/** What the dash says, as the record has it. */
	message: string | null;
}
const amp = (value: number) => `${value.toFixed(2)} A`;
const counted = (d: Load) =>
	d.lamps > 1 ? `all ${d.lamps} lamps of this category on it changed, others stock` : 'others on it stock';

/** Texts of the electrics gate. */
export const electricsWording = {
	'electrics.no-channel': (): Words => ({
		measured: 'no output of the vehicle is recorded for this socket',
		required: 'the channel that feeds it, and its monitor',
		why: 'Without the channel nothing can be said about messages or flash rate: look in the wiring diagram, or fit one and watch the dash.'
	}),
	'electrics.unmonitored': (d: { channel: string }): Words => ({
		measured: `${d.channel}: no monitor`,
		required: 'nothing',
		why: 'This output does not look at its lamps.'
	}),
	'electrics.filament': (d: { channel: string }): Words => ({
		measured: `${d.channel}: a filament lamp stays a filament lamp`,
		required: 'the current of the stock lamp',
		why: 'The vehicle sees what it is used to, if the power is that of the stock lamp.'
	}),
	'electrics.content': (d: Load): Words => ({
		measured: `${d.channel}: ${amp(d.present)} at 13.5 V (${counted(d)})`,
		required: `at least ${amp(d.atLeast)}`,
		why: 'The monitor of this output stays content.'
	}),
	'electrics.hot': (d: Load): Words => ({
		measured: `${d.channel}: ${amp(d.present)} at 13.5 V (${counted(d)})`,
		required: `at least ${amp(d.atLeast)}`,
		why: `The monitor complains${d.message ? ` ("${d.message}")` : ''}: a load of ${amp(d.atLeast - d.present)} or more is needed. Clean the contacts first; an old fault looks the same.`
	}),
	'electrics.flasher': (d: Load): Words => ({
		measured: `${d.channel}: ${amp(d.present)} at 13.5 V (${counted(d)})`,
		required: `at least ${amp(d.atLeast)} a side`,
		why: 'Below its threshold the flasher doubles its rate. It may look right in hazard, which proves nothing.'
	}),
	'electrics.cold': (d: ColdCheck): Words => ({
		measured: `${d.channel}: ${ohmText(d.ohms)} when off`,
		required: `at most ${d.atMost} ohm`,
		why: 'The cold check takes the LED for a broken filament, and its pulses may show as a faint blink: a load in parallel is needed.'
	}),
	'electrics.cold-content': (d: ColdCheck): Words => ({
		measured: `${d.channel}: ${ohmText(d.ohms)} when off`,
		required: `at most ${d.atMost} ohm`,
		why: 'The cold check stays content.'
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
		required: 'a steady feed, or a smoothing module',
		why: 'On a pulsed feed a plain LED may strobe, drop out or raise a message: a smoothing module per lamp is needed, tied to the chassis where there is room.'
	}),
	'electrics.pwm-meaning': (d: Pulses): Words => ({
		measured: pulses(d),
		required: 'a lamp that follows the pulses without flicker',
		why: 'Here the pulses carry the brightness, so a smoothing module would make dim full: try one lamp, look for flicker, and see that dim stays dim.'
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
	})
};
