import type { Configuration, KitOrder, Product } from '../model';
import type { KitAnswer, KitLine } from '../kit';
import type { Verdict } from '../match';
import { groupName, outputNames, socketName, twinGroups } from '../vehicle';
import { placesInShort } from './places-in-short';
import { doubtsOf } from './doubts';
import { inBoxWords } from './in-box';
import { complaintText, mismatchView, missingText } from './kit-notes';
import { socketViews, type SocketView } from './socket';

/** A kit line with the names of the places it serves. */
export interface LineView extends KitLine {
	places: string[];
	/** Who makes the lamp; null for parts whose maker nobody has written down. */
	maker: string | null;
	/** What is not certain of those places, in words. */
	doubts: string[];
	/** What comes in the box with each of its lamps. */
	inBox: string[];
}

/** A kit as its page and sheet show it. */
export interface KitView {
	sockets: SocketView[];
	lamps: LineView[];
	parts: LineView[];
	open: { socket: string; name: string; why: string; wanted: string | null }[];
	/** Products a person chose, a pair once. */
	byHand: { socket: string; name: string; product: string }[];
	total: number;
	/** What is left for the shop, minor units; null when the cost of a line is not known. */
	margin: number | null;
	spare: number;
	/** Whites that stand out, consumables the shelf has too few of, and what the circuit says, in words. */
	mismatches: { place: string; sight: string }[];
	missing: string[];
	complaints: string[];
	/** True when a lamp in it wants a check by hand. */
	wantsSignature: boolean;
	bound: number;
	gap: number;
	runnersUp: KitAnswer['runnersUp'];
}

/** Where the pieces of a line go; a load names the outputs it hangs on, and how many on each. */
function placesOf(configuration: Configuration, { sockets, fitted = [] }: KitLine): string[] {
	const names = placesInShort(configuration, sockets);
	const onOutput = new Map<string, number>();
	for (const { channel, pieces } of fitted)
		if (channel !== undefined) onOutput.set(channel, (onOutput.get(channel) ?? 0) + pieces);
	const called = outputNames(configuration);
	const outputs = [...onOutput].map(
		([id, pieces]) => `${pieces > 1 ? `${pieces} ` : ''}on the wire of the ${called.get(id) ?? id}`
	);
	return [...names, ...outputs];
}

/** Open sockets with their names; a pair that is open for one reason stands once. */
function openPlaces(configuration: Configuration, open: KitAnswer['open']): KitView['open'] {
	const groups = twinGroups(configuration.sockets.filter((s) => open.some((o) => o.socket === s.id)));
	return groups.flatMap((group) => {
		const rows = group.map((s) => ({ socket: s.id as string, name: socketName(s), ...saidOf(open, s.id) }));
		const alike = new Set(rows.map((row) => row.why)).size === 1;
		return alike ? rows.slice(0, 1).map((row) => ({ ...row, name: groupName(group) })) : rows;
	});
}

function saidOf(open: KitAnswer['open'], socket: string): { why: string; wanted: string | null } {
	const said = open.find((o) => o.socket === socket);
	return { why: said?.why ?? '', wanted: said?.wanted ?? null };
}

function marginOf(lines: readonly KitLine[]): number | null {
	const sold = lines.filter((l) => l.packs > 0);
	return sold.every((l) => l.margin !== undefined) ? sold.reduce((sum, l) => sum + (l.margin ?? 0), 0) : null;
}

function chosenByHand(
	configuration: Configuration,
	choices: KitOrder['choices'],
	products: readonly Product[]
): KitView['byHand'] {
	return twinGroups(configuration.sockets).flatMap((group) => {
		const [first] = group;
		const choice = first && choices[first.id];
		if (choice?.kind !== 'product') return [];
		const product = products.find((p) => p.id === choice.product);
		return [{ socket: first?.id ?? '', name: groupName(group), product: product?.name ?? choice.product }];
	});
}

/** Prepares a kit for showing: lines with place names, and the rota in the light of the chosen lamps. */
export function kitView(
	configuration: Configuration,
	answer: KitAnswer,
	{ products, choices }: { products: readonly Product[]; choices: KitOrder['choices'] }
): KitView {
	const productOf = (line: KitLine) => products.find((p) => p.id === line.product) ?? null;
	const chosen = new Map<string, { verdict: Verdict | null; product: Product | null }>();
	for (const line of answer.lines.filter((l) => l.product))
		for (const id of line.sockets) chosen.set(id, { verdict: line.verdict ?? null, product: productOf(line) });
	const lines = answer.lines.map((line): LineView => ({
		...line,
		places: placesOf(configuration, line),
		maker: productOf(line)?.maker ?? null,
		doubts: line.product ? doubtsOf(configuration.sockets.filter((s) => line.sockets.includes(s.id))) : [],
		inBox: inBoxWords(productOf(line) ?? {})
	}));
	return {
		sockets: socketViews(configuration, (socket) => chosen.get(socket.id) ?? { verdict: null, product: null }),
		lamps: lines.filter((line) => line.product),
		parts: lines.filter((line) => line.accessory),
		open: openPlaces(configuration, answer.open),
		byHand: chosenByHand(configuration, choices, products),
		total: answer.total,
		margin: marginOf(answer.lines),
		mismatches: answer.mismatches.map((m) => mismatchView(configuration, m)),
		missing: answer.missing.map(missingText),
		complaints: answer.complaints.map((c) => complaintText(c, configuration)),
		spare: lines.reduce((sum, line) => sum + line.spare, 0),
		wantsSignature: lines.some((line) => line.verdict === 'unknown'),
		bound: answer.bound,
		gap: answer.gap,
		runnersUp: answer.runnersUp
	};
}
