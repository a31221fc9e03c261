import { factOf, factText, type Configuration, type Socket } from '../../model';
import { openQuestions, withValueAt, type Question } from '../../vehicle';

/** What a vehicle would be by a value that another source gives for an open fact. */
export interface OpenValue {
	question: Question;
	/** The value in words. */
	value: string;
	configuration: Configuration;
}

/** A question bears on a socket when it is of the socket, of an output that feeds it, of the flasher, or of the whole vehicle. */
function bearsOn({ channels }: Configuration, socket: Socket, { subject: { kind, id } }: Question): boolean {
	switch (kind) {
		case 'socket':
			return id === socket.id;
		case 'channel':
			return channels.some((c) => c.id === id && c.feeds.some((feed) => feed.socket === socket.id));
		case 'flasher':
			return socket.functions.includes('turn');
		default:
			return true;
	}
}

function withFact(
	configuration: Configuration,
	{ subject: { kind, id }, fact }: Question,
	value: unknown
): Configuration {
	const changed = <T extends { id: string }>(list: readonly T[]) =>
		list.map((item) => (item.id === id ? withValueAt(item, fact, value) : item));
	switch (kind) {
		case 'socket':
			return { ...configuration, sockets: changed(configuration.sockets) };
		case 'channel':
			return { ...configuration, channels: changed(configuration.channels) };
		case 'flasher':
			return configuration.flasher
				? { ...configuration, flasher: withValueAt(configuration.flasher, fact, value) }
				: configuration;
		default:
			return withValueAt(configuration, fact, value);
	}
}

const remembered = new WeakMap<Configuration, Question[]>();

/** The open questions of a vehicle, worked out once for a record. */
function questionsOf(configuration: Configuration): Question[] {
	const known = remembered.get(configuration) ?? openQuestions(configuration);
	remembered.set(configuration, known);
	return known;
}

/** The vehicle by every value of an open fact that is not in force, as far as it bears on a socket. */
export function openValues(configuration: Configuration, socket: Socket): OpenValue[] {
	return questionsOf(configuration)
		.filter((question) => bearsOn(configuration, socket, question))
		.flatMap((question) =>
			question.values.slice(1).map(({ value }) => ({
				question,
				value: factText(factOf(question.subject.kind, question.fact), value),
				configuration: withFact(configuration, question, value)
			}))
		);
}
