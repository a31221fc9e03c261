import type { Configuration } from '../model';
import { lampFunction } from '../lamps';
import { placeText, supplyOf, voltageOf } from '../vehicle';
import { withAssumedOutputs } from './assumed-outputs';
import { isThermal } from './flasher-unit';

/** Something of the wiring on record that keeps results from being known, in one sentence, and what it is about. */
export interface WiringProblem {
	about: { kind: 'vehicle' | 'socket' | 'channel' | 'flasher'; id: string };
	text: string;
}

/** What is missing or cannot be in the channels of a vehicle: a socket on none or on two, a feed named twice, a flasher without its numbers. */
export function wiringProblems(configuration: Configuration): WiringProblem[] {
	return [
		...unknownSupply(configuration),
		...unfed(withAssumedOutputs(configuration)),
		...fedTwice(configuration),
		...doubleFeeds(configuration),
		...flasherGaps(configuration)
	];
}

function unknownSupply(configuration: Configuration): WiringProblem[] {
	if (voltageOf(configuration) !== null) return [];
	const { nominal } = supplyOf(configuration);
	return [
		{
			about: { kind: 'vehicle', id: configuration.id },
			text: `Whether this ${configuration.kind} has 12 or 24 V is not on record; it is reckoned with ${nominal} V. Read it from the batteries.`
		}
	];
}

function unfed({ sockets, channels }: Configuration): WiringProblem[] {
	const fed = new Set(channels.flatMap((c) => c.feeds.map((f) => `${f.socket} ${f.function}`)));
	// What feeds a sealed or factory-LED unit is nobody's question here.
	const open = sockets.filter((socket) => socket.state === 'filament');
	return open.flatMap((socket) =>
		socket.functions
			.filter((fn) => !fed.has(`${socket.id} ${fn}`))
			.map((fn) => ({
				about: { kind: 'socket' as const, id: socket.id as string },
				text: `${placeText(socket)}, ${socket.side}: nothing on record feeds its ${lampFunction(fn).label.toLowerCase()}, so it stays dark here.`
			}))
	);
}

function fedTwice({ channels }: Configuration): WiringProblem[] {
	const by = new Map<string, string[]>();
	for (const channel of channels)
		for (const feed of channel.feeds) {
			const key = `${feed.socket} ${feed.function}`;
			by.set(key, [...(by.get(key) ?? []), channel.id]);
		}
	return [...by].flatMap(([key, ids]) => {
		const names = [...new Set(ids)];
		const [socket = '', fn = ''] = key.split(' ');
		return names.length > 1
			? [
					{
						about: { kind: 'socket' as const, id: socket },
						text: `${socket} has its ${fn} from ${names.join(' and ')}: one of them is not so.`
					}
				]
			: [];
	});
}

/** A feed that leads to the same contact twice would be a loop. */
function doubleFeeds({ channels }: Configuration): WiringProblem[] {
	return channels.flatMap(({ id, feeds }) => {
		const seen = feeds.map((f) => `${f.socket} ${f.function}`);
		const twice = seen.find((key, i) => seen.indexOf(key) !== i);
		return twice
			? [
					{
						about: { kind: 'channel' as const, id: id as string },
						text: `${id} feeds ${twice.replace(' ', ', ')} twice, which is a loop: take one out.`
					}
				]
			: [];
	});
}

function flasherGaps({ channels, flasher }: Configuration): WiringProblem[] {
	const counted = channels.some((c) => c.monitor?.kind === 'flasher' && c.monitor.minCurrent === undefined);
	if (!counted || flasher?.thresholdCurrent !== undefined || isThermal({ flasher })) return [];
	return [
		{
			about: { kind: 'flasher', id: 'flasher' },
			text: 'The flasher has no threshold current on record: read its type, or take lamps out one by one and watch the rate.'
		}
	];
}
