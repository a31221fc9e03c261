import { SOCKET_FACTS, factText, type Configuration, type Socket } from '../../model';
import { groupName, outputNames, twinGroups, valueAt } from '../../vehicle';

const SHOWN = [
	'category',
	'lens',
	'optic',
	'wiring',
	'retention',
	'envelope.frontLength',
	'envelope.frontDiameter',
	'envelope.rearDepth',
	'envelope.holderLength'
] as const;

/** Facts that somebody has to measure. */
const isMeasured = (path: string) => path.startsWith('envelope.');

/** The clearance of a socket, as it is measured. */
export const measuredFacts = (socket: Socket): { label: string; value: string }[] =>
	factsAt(socket, SHOWN.filter(isMeasured));

function factsAt(socket: Socket, paths: readonly (typeof SHOWN)[number][]): { label: string; value: string }[] {
	return paths.flatMap((path) => {
		const value = valueAt(socket, path);
		const fact = SOCKET_FACTS[path];
		return value === undefined ? [] : [{ label: fact.label, value: factText(fact, value) }];
	});
}

/** What is known of a socket without measuring, as a record shows it, and what feeds it. */
export function shownFacts(vehicle: Configuration, socket: Socket): { label: string; value: string }[] {
	const outputs = outputNames(vehicle);
	const fed = vehicle.channels.filter(({ feeds }) => feeds.some((feed) => feed.socket === socket.id));
	return [
		...factsAt(
			socket,
			SHOWN.filter((path) => !isMeasured(path))
		),
		...fed.map(({ id, monitor, feed }) => ({
			label: `Fed by ${outputs.get(id) ?? id}`,
			value: [feed?.kind === 'pwm' ? 'pulsed' : 'steady', monitor && monitor.kind !== 'none' ? 'bulb-out check' : '']
				.filter(Boolean)
				.join(', ')
		}))
	];
}

/** Places in words, both sides of one together. @example "front turn, both; side repeater, both" */
export const placesText = (sockets: readonly Socket[]): string =>
	twinGroups(sockets)
		.map((group) => groupName(group).toLowerCase())
		.join('; ');
