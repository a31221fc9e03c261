import type { Choice, KitOrder, Socket } from '../exchange';
import { describe, GATES, gateLevel, matchSocket, type Candidate, type Gate, type Level } from '../match';
import { err, ok, type Result } from '../result';
import { twinGroups } from '../vehicle';
import { assembleKit } from './assemble';
import type { KitAnswer } from './answer';
import { socketsInScope } from './scope';
import type { KitCase } from './options';
import type { Solver } from './solver';

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
	/** Whites that would stand out, and what the circuit would say. */
	mismatches: KitAnswer['mismatches'];
	complaints: string[];
}

/** An order that keeps every lamp of a kit as it is. */
function frozen(kitCase: KitCase, order: KitOrder, answer: KitAnswer): KitOrder {
	const lamps = new Map(answer.lines.flatMap((l) => (l.product ? l.sockets.map((s) => [s, l.product] as const) : [])));
	const choices = Object.fromEntries(
		socketsInScope(kitCase.configuration.sockets, order).map(({ id }): [string, Choice] => {
			const product = lamps.get(id);
			return [id, product ? { kind: 'product', product: product as never } : { kind: 'stock', reason: 'as it stands' }];
		})
	);
	return { ...order, choices };
}

const candidateOf = (
	{ configuration, catalogue, shop }: KitCase,
	order: KitOrder,
	socket: Socket,
	product: string | undefined
) =>
	matchSocket(configuration, socket, catalogue, { ...shop, exception: order.exception }).candidates.find(
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

/**
 * What changes when one place gets another lamp and every other lamp stays: gates, totals, parts.
 * @returns an error in words when the lamp is refused there, or the order cannot hold with it
 */
export async function changeLine(
	kitCase: KitCase,
	order: KitOrder,
	answer: KitAnswer,
	change: { socket: string; product: string },
	solver: Solver
): Promise<Result<LineChange, string>> {
	const { sockets } = kitCase.configuration;
	const group = twinGroups(socketsInScope(sockets, order)).find((g) => g.some((s) => s.id === change.socket));
	const [socket] = group ?? [];
	const after = socket && candidateOf(kitCase, order, socket, change.product);
	if (!group || !socket || !after) return err('This lamp is no candidate for the place.');
	if (after.verdict === 'refused') return err(`${after.product.name} is refused here: ${firstRefusal(after)}.`);
	const fixed = frozen(kitCase, order, answer);
	for (const { id } of group) fixed.choices[id] = { kind: 'product', product: after.product.id };
	const kit = await assembleKit(kitCase, fixed, solver);
	if (!kit.ok) return err(kit.error.words);
	const now = answer.lines.find((l) => l.product && l.sockets.includes(socket.id))?.product;
	const parts = (a: KitAnswer) => new Map(a.lines.filter((l) => l.accessory).map((l) => [l.accessory, l]));
	const [had, has] = [parts(answer), parts(kit.value)];
	return ok({
		total: kit.value.total,
		difference: kit.value.total - answer.total,
		gates: movedGates(candidateOf(kitCase, order, socket, now), after),
		added: [...has].filter(([id]) => !had.has(id)).map(([, l]) => l.name),
		dropped: [...had].filter(([id]) => !has.has(id)).map(([, l]) => l.name),
		mismatches: kit.value.mismatches,
		complaints: kit.value.complaints
	});
}

function firstRefusal(candidate: Candidate): string {
	const found = candidate.findings.find((f) => f.level === 'refuse');
	return found ? describe(found).why : 'see Match';
}
