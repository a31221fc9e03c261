import type { Choice, KitOrder, Product, Socket } from '../../model';
import { describe, GATES, gateLevel, matchSocket, type Candidate, type Gate, type Level } from '../../match';
import { err, ok, type Result } from '../../result';
import { twinGroups } from '../../vehicle';
import { assembliesOf } from '../choices/assemblies';
import { assembleKit } from '../assemble/assemble';
import type { KitAnswer } from '../answer/answer';
import { socketsInScope } from '../order/scope';
import type { KitCase } from '../choices/group';
import type { MadeKit } from './made-kit';
import { groupsOf } from '../choices/options';
import type { Solver } from '../../solver/solver';

/** What one other lamp in a kit moves, everything else left as it is. */
export interface LineChange {
	/** Price of the kit then, and how much that is more, minor units. */
	total: number;
	difference: number;
	/** Gates whose level moves, with the words behind the worse one. */
	gates: { gate: Gate; before: Level; after: Level; why: string }[];
	/** Parts that come into the box, and that leave it, by name. */
	added: string[];
	dropped: string[];
	/** Whites that would stand out and do not now, and what the circuit would say. */
	mismatches: KitAnswer['mismatches'];
	complaints: KitAnswer['complaints'];
}

const productNamed = ({ catalogue }: KitCase, id: string | undefined): Product | undefined =>
	catalogue.find(id ?? '')?.record;

/** An order that keeps every lamp of a kit as it is. */
function frozen({ kitCase, order, answer }: MadeKit): KitOrder {
	const lamps = new Map(answer.lines.flatMap((l) => (l.product ? l.sockets.map((s) => [s, l.product] as const) : [])));
	const choices = Object.fromEntries(
		socketsInScope(kitCase.configuration.sockets, order).map(({ id }): [string, Choice] => {
			const lamp = productNamed(kitCase, lamps.get(id));
			return [id, lamp ? { kind: 'product', product: lamp.id } : { kind: 'stock', reason: 'as it stands' }];
		})
	);
	return { ...order, choices };
}

const candidateOf = ({ kitCase, order }: MadeKit, socket: Socket, product: string | undefined) =>
	matchSocket({ ...kitCase, shop: { ...kitCase.shop, exception: order.exception } }, socket).candidates.find(
		(c) => c.product.id === product
	);

function movedGates(before: Candidate | undefined, after: Candidate): LineChange['gates'] {
	return GATES.flatMap((gate) => {
		const was = before ? gateLevel(before.findings, gate) : 'pass';
		const is = gateLevel(after.findings, gate);
		const behind = after.findings.find((f) => f.gate === gate && f.level === is);
		return was === is ? [] : [{ gate, before: was, after: is, why: behind ? describe(behind).why : '' }];
	});
}

type Change = { sockets: readonly Socket[]; product: string; gates: LineChange['gates'] };

/** The change of one lamp, judged by Match; an error in words when it is refused there. */
function lampChange(
	made: MadeKit,
	{ group, product }: { group: readonly Socket[]; product: string }
): Result<Change, string> {
	const [socket] = group;
	const after = socket && candidateOf(made, socket, product);
	if (!socket || !after) return err('This lamp is no candidate for the place.');
	if (after.verdict === 'refused') return err(`${after.product.name} is refused here: ${firstRefusal(after)}.`);
	const now = made.answer.lines.find((l) => l.product && l.sockets.includes(socket.id))?.product;
	return ok({
		sockets: group,
		product,
		gates: movedGates(candidateOf(made, socket, now), after)
	});
}

/** The change to an assembly, over all that it replaces. */
function assemblyChange(
	{ kitCase, order }: MadeKit,
	{ group, product }: { group: readonly Socket[]; product: string }
): Result<Change, string> {
	const shop = { ...kitCase.shop, exception: order.exception };
	const offered = assembliesOf({ ...kitCase, shop }, groupsOf(kitCase, { ...order, choices: {} }));
	const option = offered.find(
		(a) => a.product.id === product && a.groups.some((g) => g.sockets.some((s) => group.includes(s)))
	);
	return option
		? ok({ sockets: option.groups.flatMap((g) => g.sockets), product, gates: [] })
		: err('This assembly does not go here within the scope of the kit.');
}

/**
 * What changes when one place gets another lamp, or an assembly, and every other lamp stays: gates, totals, parts.
 * @returns an error in words when the lamp is refused there, or the order cannot hold with it
 */
export async function changeLine(
	made: MadeKit,
	{ socket, product }: { socket: string; product: string },
	solver: Solver
): Promise<Result<LineChange, string>> {
	const { kitCase, order, answer } = made;
	const { sockets } = kitCase.configuration;
	const group = twinGroups(socketsInScope(sockets, order)).find((g) => g.some((s) => s.id === socket));
	if (!group) return err('This place is outside the scope of the kit.');
	const lamp = productNamed(kitCase, product);
	if (!lamp) return err('This lamp is not on sale.');
	const change = (lamp.kind === 'assembly' ? assemblyChange : lampChange)(made, { group, product });
	if (!change.ok) return change;
	const fixed = frozen(made);
	for (const { id } of change.value.sockets) fixed.choices[id] = { kind: 'product', product: lamp.id };
	const kit = await assembleKit(kitCase, fixed, { solver });
	if (!kit.ok) return err(kit.error.words);
	const parts = (a: KitAnswer) => new Map(a.lines.filter((l) => l.accessory).map((l) => [l.accessory, l]));
	const [had, has] = [parts(answer), parts(kit.value)];
	const stoodOut = new Set(answer.mismatches.flatMap((m) => m.sockets));
	return ok({
		total: kit.value.total,
		difference: kit.value.total - answer.total,
		gates: change.value.gates,
		added: [...has].filter(([id]) => !had.has(id)).map(([, l]) => l.name),
		dropped: [...had].filter(([id]) => !has.has(id)).map(([, l]) => l.name),
		mismatches: kit.value.mismatches.filter((m) => !m.sockets.some((id) => stoodOut.has(id))),
		complaints: kit.value.complaints
	});
}

function firstRefusal(candidate: Candidate): string {
	const found = candidate.findings.find((f) => f.level === 'refuse');
	return found ? describe(found).why : 'see Match';
}
