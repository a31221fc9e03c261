import { BLOWS_ABOVE, type ChannelState } from '../../circuit';
import type { Played } from '../scene/simulations';
import { channelsIn, some } from './places';
import type { Look, Symptom } from './symptom';

/** A current no wire of a lamp is made for: a short, whatever the fuse, A. */
const SHORT_A = 60;

/** Whether an output's message comes; a flasher that plugs in says it by its rate alone. */
function speaks({ configuration }: Look, { id, monitor }: ChannelState): boolean | null {
	const kind = configuration.channels.find((channel) => channel.id === id)?.monitor?.kind;
	if (kind === 'flasher' && configuration.flasher?.kind !== 'body-computer') return false;
	if (monitor === 'unknown') return null;
	if (monitor === 'complains') return kind === 'flasher' ? null : true;
	return false;
}

const messageIn = (look: Look, state: Played): boolean | null =>
	some(channelsIn(look, state.channels).map((channel) => speaks(look, channel)));

const isBlown = ({ blown, current, fuseShare }: ChannelState): boolean =>
	blown || (fuseShare ?? 0) > BLOWS_ABOVE || (current ?? 0) > SHORT_A;

/** What the dash and the fuse box say. */
export const DASH_SYMPTOMS: readonly Symptom[] = [
	{
		id: 'message',
		label: 'Message on the dash',
		question: 'Does the dash show a message, of {place}?',
		group: 'dash',
		striking: true,
		shows: (look) => messageIn(look, look.does(look.mode, 'cold'))
	},
	{
		id: 'message-at-start',
		label: 'Message at start-up',
		question: 'Does a lamp message come when the ignition is switched on?',
		group: 'dash',
		modes: ['off'],
		shows: (look) => messageIn({ ...look, mode: 'off' }, look.does('off', 'cold'))
	},
	{
		id: 'message-now-and-then',
		label: 'Message now and then',
		question: 'Does the message come and go {place}?',
		group: 'dash',
		comesAndGoes: true
	},
	{
		id: 'fuse',
		label: 'A fuse blows',
		question: 'Does a fuse blow?',
		group: 'dash',
		striking: true,
		shows: (look) => channelsIn(look, look.does(look.mode, 'cold').channels).some(isBlown)
	},
	{
		id: 'radio-hiss',
		label: 'The radio hisses',
		question: 'Does the radio hiss while the lamps are on?',
		group: 'dash'
	}
];
