import {
	FLASHER_PLACE,
	looseEnds,
	minutesOf,
	namedBefore,
	operationName,
	sideDifferences,
	type AccessPlan,
	fastenerText
} from '../access';
import type { Configuration, Operation } from '../model';
import { socketName, socketsInWalk } from '../vehicle';
import { layOutAccess, type AccessNode } from './access-layout';
import { recordedFacts, type RecordedFact } from './recorded';

/** An operation as its page shows it. */
export interface OperationView {
	operation: Operation;
	/** Its title with its side. */
	name: string;
	/** Names of what it reaches. */
	reaches: string[];
	/** There and back, in words. */
	time: string;
	isTimed: boolean;
	fasteners: string[];
	facts: RecordedFact[];
}

/** The way in of a vehicle as its page shows it. */
export interface AccessView {
	operations: OperationView[];
	nodes: AccessNode[];
	/** Which operation comes before which; `route` is set where it is one of several ways. */
	edges: { from: string; to: string; route: boolean }[];
	/** Places a way may be asked to, with whether anybody has recorded one. */
	places: { id: string; name: string; recorded: boolean }[];
	/** What leads nowhere, and lamps nobody has recorded the way to, in words. */
	leadNowhere: string[];
	notRecorded: string[];
	/** Where the two sides are not the same, in words. */
	differences: string[];
	/** Sides with operations that have no twin on the other. */
	alone: { left: number; right: number };
}

/** A way to one place: what is done on it, and what it takes. */
export interface WayView {
	to: string;
	operations: string[];
	words: string;
}

/** What a place of the way in is called. */
export function accessPlaceName({ sockets }: Pick<Configuration, 'sockets'>, place: string): string {
	const socket = sockets.find(({ id }) => id === place);
	if (socket) return socketName(socket);
	if (place === FLASHER_PLACE) return 'Flasher';
	const [kind = '', ...rest] = place.split(':');
	return kind === 'mount' ? `Mount: ${rest.join(':')}` : kind === 'channel' ? `Output ${rest.join(':')}` : place;
}

function timeText(operation: Operation): string {
	const { minutesOff, minutesOn } = operation;
	if (minutesOff === undefined && minutesOn === undefined) return 'not timed';
	return minutesOff === minutesOn
		? `${minutesOff} + ${minutesOn} min`
		: `${minutesOff ?? '?'} + ${minutesOn ?? '?'} min`;
}

function operationView(configuration: Configuration, operation: Operation): OperationView {
	return {
		operation,
		name: operationName(operation),
		reaches: (operation.reaches ?? []).map((place) => accessPlaceName(configuration, place)),
		time: timeText(operation),
		isTimed: !minutesOf(operation).assumed,
		fasteners: (operation.fasteners ?? []).map(fastenerText),
		facts: recordedFacts('operation', operation).filter(({ unit }) => unit === 'min')
	};
}

/** How the twins of two sides differ, in words. */
function differenceText({ left, right }: { left: Operation | null; right: Operation | null }): string {
	const only = left ?? right;
	if (!left || !right) return only ? `${only.title}: only on the ${only.side}` : '';
	const said = [
		timeText(left) === timeText(right) ? '' : `left ${timeText(left)}, right ${timeText(right)}`,
		JSON.stringify(left.fasteners) === JSON.stringify(right.fasteners) ? '' : 'other fasteners',
		JSON.stringify(left.cautions) === JSON.stringify(right.cautions) ? '' : 'other cautions'
	].filter(Boolean);
	return `${left.title}: ${said.join('; ') || 'other tools'}`;
}

/** The way in of a vehicle for its page; operations of a way that is looked at are drawn first. */
export function accessView(configuration: Configuration, way: readonly string[] = []): AccessView {
	const operations = configuration.access?.operations ?? [];
	const { leadNowhere, notRecorded } = looseEnds(configuration);
	const reached = new Set(operations.flatMap(({ reaches = [] }) => reaches));
	const differences = sideDifferences(operations);
	const aloneOn = (side: 'left' | 'right') =>
		differences.filter(({ left, right }) => (side === 'left' ? !right : !left)).length;
	const places = [
		...socketsInWalk(configuration).map(({ id }) => id as string),
		...(configuration.flasher?.kind === 'plug-in' ? [FLASHER_PLACE] : []),
		...[...reached].filter((place) => place.includes(':'))
	];
	return {
		operations: operations.map((operation) => operationView(configuration, operation)),
		nodes: layOutAccess(
			[...operations]
				.sort((a, b) => Number(way.includes(b.id)) - Number(way.includes(a.id)))
				.map((operation) => ({
					id: operation.id,
					before: namedBefore(operation),
					reaches: (operation.reaches ?? []).length > 0
				}))
		),
		edges: operations.flatMap((operation) => [
			...(operation.after ?? []).map((from) => ({ from, to: operation.id, route: false })),
			...[...new Set((operation.anyOf ?? []).flat())].map((from) => ({ from, to: operation.id, route: true }))
		]),
		places: places.map((id) => ({ id, name: accessPlaceName(configuration, id), recorded: reached.has(id) })),
		leadNowhere: leadNowhere.map(operationName),
		notRecorded: notRecorded.map((id) => accessPlaceName(configuration, id)),
		differences: differences.map(differenceText),
		alone: { left: aloneOn('left'), right: aloneOn('right') }
	};
}

/** The way to one place, as it was planned. */
export function wayView(configuration: Configuration, to: string, plan: AccessPlan): WayView {
	const name = accessPlaceName(configuration, to);
	const [blocked] = plan.unreachable;
	const words = blocked
		? `${name} cannot be reached: ${blocked.why}.`
		: plan.notRecorded.length > 0
			? `Nobody has recorded the way to ${name}.`
			: `${name}: ${plan.operations.length} ${plan.operations.length === 1 ? 'step' : 'steps'}, ${plan.minutes + plan.assumedMinutes} min there and back${plan.assumedMinutes > 0 ? `, ${plan.assumedMinutes} of them assumed` : ''}${plan.exact ? '; nothing on record is quicker' : ''}.`;
	return { to, operations: plan.operations.map(({ id }) => id), words };
}
