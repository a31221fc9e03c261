import { channelId, type Channel, type Configuration, type Flasher, type Socket } from '../model';
import type { FunctionId } from '../lamps';
import { edited, type Edit } from './edit';

/** A kind of output people meet again and again. What has to be measured stays open. */
export interface ChannelTemplate {
	label: string;
	channel: Partial<Pick<Channel, 'feed' | 'monitor'>>;
}

/** Templates of channels, the plainest first. A new one is one entry here. */
export const CHANNEL_TEMPLATES: Readonly<Record<string, ChannelTemplate>> = {
	plain: { label: 'Steady feed, no bulb-out check', channel: { feed: { kind: 'steady' }, monitor: { kind: 'none' } } },
	hot: { label: 'Steady feed, checked while on', channel: { feed: { kind: 'steady' }, monitor: { kind: 'hot' } } },
	cold: { label: 'Steady feed, checked while off', channel: { feed: { kind: 'steady' }, monitor: { kind: 'cold' } } },
	turn: {
		label: 'Turn output, counted by the flasher',
		channel: { feed: { kind: 'steady' }, monitor: { kind: 'flasher' } }
	},
	pulsed: {
		label: 'Pulsed headlamp feed, checked while on',
		channel: { feed: { kind: 'pwm' }, monitor: { kind: 'hot' } }
	},
	'pulsed-plain': {
		label: 'Pulsed feed, no bulb-out check',
		channel: { feed: { kind: 'pwm' }, monitor: { kind: 'none' } }
	}
};

/** Templates of flashers. */
export const FLASHER_TEMPLATES: Readonly<Record<string, { label: string; flasher: Flasher | null }>> = {
	body: { label: 'Body-computer flasher', flasher: { kind: 'body-computer' } },
	'plug-2': { label: 'Plug-in flasher, 2 pins', flasher: { kind: 'plug-in', pins: 2 } },
	'plug-3': { label: 'Plug-in flasher, 3 pins', flasher: { kind: 'plug-in', pins: 3 } },
	none: { label: 'No flasher on the vehicle', flasher: { kind: 'none' } },
	unknown: { label: 'Not known', flasher: null }
};

/** Functions that usually have an output of their own on each side. */
const BY_SIDE: ReadonlySet<FunctionId> = new Set(['turn', 'low-beam']);
const SHARED: Partial<Record<FunctionId, string>> = {
	'front-position': 'position',
	tail: 'position',
	'licence-plate': 'position',
	'side-marker': 'position',
	stop: 'stop',
	chmsl: 'stop',
	dome: 'interior',
	map: 'interior',
	vanity: 'interior',
	footwell: 'interior',
	door: 'interior',
	glovebox: 'interior',
	luggage: 'interior',
	puddle: 'interior',
	'cluster-backlight': 'backlight',
	'switch-backlight': 'backlight'
};

function usualChannelId(socket: Socket, id: FunctionId): string {
	const name = SHARED[id] ?? id;
	return BY_SIDE.has(id) && socket.side !== 'centre' ? `${name}-${socket.side}` : name;
}

/** Gives every function that nothing feeds yet the channel it usually hangs on. How that is fed and monitored stays open. */
export const addUsualChannels: Edit = (configuration) => {
	const channels = new Map(configuration.channels.map((c) => [c.id as string, c]));
	const isFed = (socket: Socket, id: FunctionId) =>
		configuration.channels.some((c) => c.feeds.some((f) => f.socket === socket.id && f.function === id));
	let added = 0;
	for (const socket of configuration.sockets)
		for (const id of socket.functions) {
			if (isFed(socket, id)) continue;
			const name = usualChannelId(socket, id);
			const channel = channels.get(name) ?? { id: channelId.parse(name), feeds: [] };
			channels.set(name, { ...channel, feeds: [...channel.feeds, { socket: socket.id, function: id }] });
			added += 1;
		}
	const next: Configuration = { ...configuration, channels: [...channels.values()] };
	return edited(next, added > 0 ? `${added} feeds put on their usual outputs` : 'Every function is fed already');
};
