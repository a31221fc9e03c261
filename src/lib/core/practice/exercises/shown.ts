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

/** What is known of a socket, as a record shows it, and what feeds it. */
export function shownFacts(vehicle: Configuration, socket: Socket): { label: string; value: string }[] {
	const outputs = outputNames(vehicle);
	const fed = vehicle.channels.filter(({ feeds }) => feeds.some((feed) => feed.socket === socket.id));
	return [
		...SHOWN.flatMap((path) => {
			const value = valueAt(socket, path);
			const fact = SOCKET_FACTS[path];
			return value === undefined ? [] : [{ label: fact.label, value: factText(fact, value) }];
		}),
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
