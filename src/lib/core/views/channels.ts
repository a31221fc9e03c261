import { factOf, factText, type Channel, type Configuration } from '../model';
import { lampFunction, type FunctionId } from '../lamps';
import { outputTitle, socketName, socketsInWalk } from '../vehicle';
import { recordedFacts, type RecordedFact } from './recorded';

/** What a channel may feed: a function of a socket. */
export interface TerminalView {
	socket: string;
	function: FunctionId;
	name: string;
	/** Channels that feed it: none means nobody has found out, two that one of them is wrong. */
	channels: string[];
}

/** The channels of a vehicle, and everything they may feed. */
export interface ChannelsView {
	channels: { channel: Channel; name: string; facts: RecordedFact[]; text: string }[];
	terminals: TerminalView[];
	flasher: { kind: string; facts: RecordedFact[] } | null;
}

const said = (path: 'feed.kind' | 'monitor.kind', value: string) => factText(factOf('channel', path), value);

function channelText({ feed, monitor, fuse }: Channel): string {
	const fed = feed ? said('feed.kind', feed.kind) : 'feed not known';
	const watched = !monitor
		? 'bulb-out check not known'
		: monitor.kind === 'none'
			? 'no bulb-out check'
			: said('monitor.kind', monitor.kind);
	return [fed, watched, fuse === undefined ? '' : `fuse ${fuse} A`].filter(Boolean).join(', ');
}

/** The channels of a vehicle with what they feed. */
export function channelsView(configuration: Configuration): ChannelsView {
	const { channels, flasher } = configuration;
	return {
		channels: channels.map((channel) => ({
			channel,
			name: outputTitle(configuration, channel.id),
			facts: recordedFacts('channel', channel),
			text: channelText(channel)
		})),
		terminals: socketsInWalk(configuration).flatMap((socket) =>
			socket.functions.map((id) => ({
				socket: socket.id,
				function: id,
				name:
					socket.functions.length > 1
						? `${socketName(socket)}: ${lampFunction(id).label.toLowerCase()}`
						: socketName(socket),
				channels: channels
					.filter((c) => c.feeds.some((f) => f.socket === socket.id && f.function === id))
					.map((c) => c.id)
			}))
		),
		flasher: flasher ? { kind: flasher.kind, facts: recordedFacts('flasher', flasher) } : null
	};
}
