import type { Configuration, Operation } from '../model';

/** The flasher, as a place that operations reach. */
export const FLASHER_PLACE = 'flasher';

/** How a place that is no socket is written: an output to be tapped, or somewhere to mount a part. */
export const channelPlace = (id: string): string => `channel:${id}`;
export const MOUNT_PREFIX = 'mount:';

/** The recorded way in, ready to be asked. */
export interface AccessGraph {
	operations: ReadonlyMap<string, Operation>;
	/** Operations that reach a place, by the place, in the order of the record. */
	reaching: ReadonlyMap<string, readonly string[]>;
}

/** Compiles the way in of a vehicle, with more operations if any are given. Of two operations with one id the first counts. */
export function accessGraph({ access }: Pick<Configuration, 'access'>, more: readonly Operation[] = []): AccessGraph {
	const operations = new Map<string, Operation>();
	for (const operation of [...(access?.operations ?? []), ...more])
		if (!operations.has(operation.id)) operations.set(operation.id, operation);
	const reaching = new Map<string, string[]>();
	for (const { id, reaches = [] } of operations.values())
		for (const place of new Set(reaches)) reaching.set(place, [...(reaching.get(place) ?? []), id]);
	return { operations, reaching };
}

/** Operations that come before one whatever route is taken. */
export const wantsAll = ({ after = [] }: Operation): readonly string[] => after;

/** Routes to an operation of which one is enough; none where it needs no route. */
export const wantsOne = ({ anyOf = [] }: Operation): readonly (readonly string[])[] => anyOf;

/** Every operation named as coming before one, by whatever route. */
export const namedBefore = (operation: Operation): string[] => [
	...new Set([...wantsAll(operation), ...wantsOne(operation).flat()])
];
