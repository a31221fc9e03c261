import { counted } from '../quantity';
import type { Configuration, Evidence } from '../model';
import { err, ok, type Result } from '../result';
import { differences, type Difference } from './differences';

/** Why two configurations cannot be one. */
export interface Unlike {
	message: string;
	differences: Difference[];
}

const keyOf = (socket: Configuration['sockets'][number]) =>
	[socket.zone, socket.functions.join('+'), socket.index, socket.side].join(':');

function joined(a: Evidence[] | undefined, b: Evidence[] | undefined): Evidence[] {
	const all = [...(a ?? []), ...(b ?? [])];
	return all.filter((item, i) => all.findIndex((other) => JSON.stringify(other) === JSON.stringify(item)) === i);
}

function joinedOptions(a: Configuration, b: Configuration): Configuration['options'] {
	const shared = Object.entries(a.options ?? {}).filter(
		([key, value]) => JSON.stringify(b.options?.[key]) === JSON.stringify(value)
	);
	return shared.length > 0 ? Object.fromEntries(shared) : undefined;
}

/** The way in of a vehicle, as it leads to the same lamps of another one. */
function accessFrom(kept: Configuration, { access, sockets }: Configuration): Configuration['access'] {
	const own = (place: string) => {
		const socket = sockets.find(({ id }) => id === place);
		return (socket && kept.sockets.find((one) => keyOf(one) === keyOf(socket))?.id) ?? place;
	};
	return (
		access && {
			...access,
			operations: access.operations.map((one) => (one.reaches ? { ...one, reaches: one.reaches.map(own) } : one))
		}
	);
}

/**
 * Makes one configuration of two that are proved alike: the same sockets, facts, channels and flasher. Years and evidence are joined,
 * options on which they differ are dropped. Two that differ anywhere stay two, and the differences are listed.
 */
export function merge(kept: Configuration, other: Configuration): Result<Configuration, Unlike> {
	const found = differences([kept, other]);
	if (found.length > 0)
		return err({
			message: `They differ in ${counted(found.length, 'thing')}, so they stay two.`,
			differences: found
		});
	const { years, options: _options, ...rest } = kept;
	const both = [years, other.years].filter((span) => span !== undefined);
	const [first, second] = [...both].sort((a, b) => a[0] - b[0]);
	if (first && second && second[0] > first[1] + 1)
		return err({
			message: `Nothing is known of ${first[1] + 1} to ${second[0] - 1}, so the two spans of years cannot become one.`,
			differences: []
		});
	const options = joinedOptions(kept, other);
	const tells = [...new Set([...(kept.tells ?? []), ...(other.tells ?? [])])];
	return ok({
		...rest,
		...(both.length > 0
			? { years: [Math.min(...both.map((s) => s[0])), Math.max(...both.map((s) => s[1]))] as [number, number] }
			: {}),
		...(options ? { options } : {}),
		...(tells.length > 0 ? { tells } : {}),
		...(kept.access || !other.access ? {} : { access: accessFrom(kept, other) }),
		sockets: kept.sockets.map((socket) => {
			const twin = other.sockets.find((s) => keyOf(s) === keyOf(socket));
			const evidence = joined(socket.evidence, twin?.evidence);
			return evidence.length > 0 ? { ...socket, evidence } : socket;
		})
	});
}
