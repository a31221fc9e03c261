import { counted } from '../../quantity';
import type { Configuration, Operation, Socket } from '../../model';
import { edited, type Edit, type Witness } from '../../record';
import { err } from '../../result';
import { twinKey } from '../../vehicle';
import { freeOperationId } from '../operation-id';
import { withOperations, witnessed } from './operations';

type SideOf = 'left' | 'right';
const OTHER: Record<SideOf, SideOf> = { left: 'right', right: 'left' };

const isSided = ({ side }: Operation): boolean => side === 'left' || side === 'right';
const same = (a: Operation, b: Operation) =>
	(a.part ?? a.title) === (b.part ?? b.title) && (a.kind ?? '') === (b.kind ?? '');

/** The same operation on the other side, if it is on record. */
export const twinOperation = (operations: readonly Operation[], one: Operation): Operation | undefined =>
	isSided(one) ? operations.find((other) => other.side === OTHER[one.side as SideOf] && same(one, other)) : undefined;

/** The place on the other side of the vehicle that is the twin of one; a place in the middle is its own. */
function twinPlace({ sockets }: Configuration, place: string, side: SideOf): string[] {
	const socket = sockets.find(({ id }) => id === place);
	if (!socket) return place.startsWith('mount:') ? [place.replace(new RegExp(`\\b${OTHER[side]}\\b`), side)] : [];
	if (socket.side === 'centre') return [];
	const twin = sockets.find((other: Socket) => other.side === side && twinKey(other) === twinKey(socket));
	return twin ? [twin.id] : [];
}

/** Gives every operation of one side that has no twin its mirror image on the other. The copies are assumed: nobody has done them there. */
export function mirrorAccess(from: SideOf, witness: Omit<Witness, 'source'>): Edit {
	return (configuration) => {
		const operations = configuration.access?.operations ?? [];
		const to = OTHER[from];
		const alone = operations.filter((one) => one.side === from && !twinOperation(operations, one));
		if (alone.length === 0) return err(`Every operation on the ${from} already has its twin. Nothing was changed.`);
		const taken = operations.map(({ id }) => id);
		const twins = new Map<string, string>();
		for (const one of operations.filter(({ side }) => side === from)) {
			const there =
				twinOperation(operations, one)?.id ??
				freeOperationId({ part: one.part ?? one.title, side: to }, [...taken, ...twins.values()]);
			twins.set(one.id, there);
		}
		const across = (id: string) => twins.get(id) ?? id;
		const copies = alone.map((one): Operation => {
			const { evidence: _own, reaches, after, anyOf, ...rest } = one;
			const places = (reaches ?? []).flatMap((place) => twinPlace(configuration, place, to));
			const copy: Operation = {
				...rest,
				id: across(one.id),
				side: to,
				...(after ? { after: after.map(across) } : {}),
				...(anyOf ? { anyOf: anyOf.map((route) => route.map(across)) } : {}),
				...(places.length > 0 ? { reaches: places } : {})
			};
			return witnessed(copy, { ...witness, source: 'assumed', note: `mirrored from ${one.id}` });
		});
		return edited(
			withOperations(configuration, [...operations, ...copies]),
			`Way in: ${counted(copies.length, 'operation')} mirrored to the ${to}`
		);
	};
}

/** What two operations that are twins say differently, in words for a list. */
export function sideDifferences(
	operations: readonly Operation[]
): { left: Operation | null; right: Operation | null }[] {
	const sided = operations.filter(isSided);
	const seen = new Set<Operation>();
	return sided.flatMap((one) => {
		if (seen.has(one)) return [];
		const twin = twinOperation(sided, one) ?? null;
		seen.add(one);
		if (twin) seen.add(twin);
		const [left, right] = one.side === 'left' ? [one, twin] : [twin, one];
		if (left && right && describes(left) === describes(right)) return [];
		return [{ left, right }];
	});
}

const describes = ({ minutesOff, minutesOn, tools, fasteners, cautions }: Operation) =>
	JSON.stringify([minutesOff, minutesOn, tools, fasteners, cautions]);
