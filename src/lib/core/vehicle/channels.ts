import type { Channel, Configuration, Socket } from '../model';

/** The channels that feed a socket; none means nobody has found out yet. */
export function channelsOf(configuration: Configuration, socket: Socket): Channel[] {
	return configuration.channels.filter((channel) => channel.feeds.some((feed) => feed.socket === socket.id));
}
