import { factsWithEvidence, factText, type Channel, type Configuration, type Fact, type Socket } from '../model';
import { outputTitle, agree, placeText, valueAt, walkOrder } from '../vehicle';

/** One thing in which configurations differ, and what each of them says. */
export interface Difference {
	/** Where: a socket, a channel, or the flasher, in words. */
	place: string;
	/** What differs, in words. */
	fact: string;
	/** One text for each configuration, in their order. */
	values: string[];
}

const sideWord = (socket: Socket) => (socket.side === 'centre' ? '' : `, ${socket.side}`);
const sameSocket = (socket: Socket) => [socket.zone, socket.functions.join('+'), socket.index, socket.side].join(':');

function factDifferences(
	place: string,
	facts: Readonly<Record<string, Fact>>,
	subjects: readonly (object | undefined)[]
): Difference[] {
	return Object.entries(facts).flatMap(([path, fact]): Difference[] => {
		const values = subjects.map((subject) => (subject ? valueAt(subject, path) : undefined));
		const differ = values.some((value) => !agree(value, values[0], fact.tolerance));
		return differ ? [{ place, fact: fact.label, values: values.map((value) => factText(fact, value)) }] : [];
	});
}

/** A left and a right difference that say the same, as one. */
function twinsJoined(all: readonly Difference[]): Difference[] {
	const rest = [...all];
	return all.flatMap((one) => {
		if (!rest.includes(one)) return [];
		rest.splice(rest.indexOf(one), 1);
		const [base, side] = one.place.split(', ');
		const other = side === 'left' ? `${base}, right` : side === 'right' ? `${base}, left` : null;
		const twin = rest.find((d) => d.place === other && d.fact === one.fact && d.values.join() === one.values.join());
		if (!twin) return [one];
		rest.splice(rest.indexOf(twin), 1);
		return [{ ...one, place: `${base}, both` }];
	});
}

function socketDifferences(configurations: readonly Configuration[]): Difference[] {
	const keys = new Map<string, Socket>();
	for (const configuration of configurations)
		for (const socket of configuration.sockets) if (!keys.has(sameSocket(socket))) keys.set(sameSocket(socket), socket);
	return walkOrder([...keys.values()]).flatMap((example) => {
		const key = sameSocket(example);
		const place = placeText(example) + sideWord(example);
		const here = configurations.map((c) => c.sockets.find((socket) => sameSocket(socket) === key));
		if (here.some((socket) => socket === undefined))
			return [
				{ place, fact: 'Socket', values: here.map((socket) => (socket ? (socket.category ?? 'listed') : 'not listed')) }
			];
		return factDifferences(place, factsWithEvidence('socket'), here);
	});
}

/** What a channel feeds, by place, so that ids do not matter. */
function feedsText(channel: Channel | undefined, configuration: Configuration): string {
	if (!channel) return 'no such channel';
	const names = channel.feeds.map((feed) => {
		const socket = configuration.sockets.find((s) => s.id === feed.socket);
		return socket ? `${placeText(socket)}${sideWord(socket)}` : feed.socket;
	});
	return [...names].sort().join(', ') || 'nothing';
}

function channelDifferences(configurations: readonly Configuration[]): Difference[] {
	const ids = [...new Set(configurations.flatMap((c) => c.channels.map((channel) => channel.id)))];
	return ids.flatMap((id) => {
		const here = configurations.map((c) => c.channels.find((channel) => channel.id === id));
		const feeds = here.map((channel, i) => feedsText(channel, configurations[i] as Configuration));
		const first = configurations.find((c) => c.channels.some((channel) => channel.id === id));
		const place = first ? outputTitle(first, id) : id;
		const rest = feeds.every((text) => text === feeds[0]) ? [] : [{ place, fact: 'Feeds', values: feeds }];
		return [...rest, ...(here.every(Boolean) ? factDifferences(place, factsWithEvidence('channel'), here) : [])];
	});
}

/** Everything in which configurations differ as far as lamps are concerned, in walking order, then channels and flasher. */
export function differences(configurations: readonly Configuration[]): Difference[] {
	const flashers = configurations.map((c) => c.flasher ?? {});
	return [
		...twinsJoined(socketDifferences(configurations)),
		...channelDifferences(configurations),
		...factDifferences('Flasher', factsWithEvidence('flasher'), flashers)
	];
}
