import type { Channel, Configuration } from '../../model';

const isTurn = ({ feeds, monitor }: Channel) =>
	feeds.some((feed) => feed.function === 'turn') || monitor?.kind === 'flasher';

/** Outputs that may act on each other: by a socket they share, or by the flasher that adds them up. */
export class Clusters {
	readonly #of = new Map<string, ReadonlySet<string>>();
	readonly #bySocket = new Map<string, string[]>();

	constructor(configuration: Configuration) {
		const { channels } = configuration;
		const turns = channels.filter(isTurn).map(({ id }) => id as string);
		for (const { id, feeds } of channels)
			for (const { socket } of feeds) this.#bySocket.set(socket, [...(this.#bySocket.get(socket) ?? []), id]);
		for (const { id } of channels) this.#of.set(id, new Set([id]));
		this.#join(turns);
		for (const ids of this.#bySocket.values()) this.#join(ids);
	}

	#join(ids: readonly string[]): void {
		const all = new Set(ids.flatMap((id) => [...(this.#of.get(id) ?? [])]));
		for (const id of all) this.#of.set(id, all);
	}

	/** Outputs that feed a socket. */
	of(socket: string): readonly string[] {
		return this.#bySocket.get(socket) ?? [];
	}

	/** Outputs that a change at some sockets and outputs can reach. */
	reached({ sockets, channels }: { sockets: readonly string[]; channels: readonly string[] }): ReadonlySet<string> {
		const touched = [...channels, ...sockets.flatMap((socket) => this.#bySocket.get(socket) ?? [])];
		const [first, ...more] = touched.map((id) => this.#of.get(id) ?? new Set<string>());
		if (first && more.every((set) => set === first)) return first;
		return new Set(touched.flatMap((id) => [...(this.#of.get(id) ?? [])]));
	}
}

/** The part of a vehicle that hangs on some outputs. */
export function partOf(configuration: Configuration, channels: ReadonlySet<string>): Configuration {
	const own = configuration.channels.filter(({ id }) => channels.has(id));
	const fed = new Set<string>(own.flatMap(({ feeds }) => feeds.map(({ socket }) => socket)));
	return { ...configuration, channels: own, sockets: configuration.sockets.filter(({ id }) => fed.has(id)) };
}
