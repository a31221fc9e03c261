import type { Accessory, Choice, KitOrder, Product, Socket } from '../exchange';
import {
	Candidate,
	joinedRemedies,
	matchSocket,
	OPEN_WORDS,
	partsFor,
	socketCase,
	worseVerdict,
	type Catalogue,
	type Finding,
	type Remedy,
	type Shop,
	type SocketMatch,
	type Verdict
} from '../match';
import type { Configuration } from '../exchange';
import { twinGroups } from '../vehicle';
import { socketsInScope } from './scope';

/** A part one socket needs before an option fits there, and what is on sale for it. */
export interface Need {
	socket: Socket;
	remedy: Remedy;
	parts: Accessory[];
}

/** One product for all sockets of a group. */
export interface Option {
	product: Product;
	verdict: Verdict;
	needs: Need[];
	/** Share of the filament lamp's light that is missing behind the lens, 0 to 1. */
	lightMissing: number;
}

/** Sockets that get the same lamp, and what may go there. */
export interface Group {
	sockets: Socket[];
	options: Option[];
	/** Set when nobody is to choose here: why. */
	open: string | null;
	/** True when a person chose. */
	fixed: boolean;
}

function lightMissing(findings: readonly Finding[]): number {
	const light = findings.find((f) => f.code.startsWith('colour.light.'));
	const ratio = (light?.data as { ratio?: number } | undefined)?.ratio;
	return ratio === undefined ? 0 : Math.max(0, 1 - ratio);
}

function needsOf(socket: Socket, candidate: Candidate, configuration: Configuration, shop: Shop): Need[] {
	const prepared = socketCase(configuration, socket, shop);
	if (!prepared) return [];
	const where = { category: prepared.category, configuration };
	const remedies = joinedRemedies(candidate.findings.flatMap(({ remedy }) => remedy ?? []));
	return remedies.map((remedy) => ({ socket, remedy, parts: partsFor(remedy, where, shop.accessories) }));
}

/** An option from the same product judged in every socket of a group. */
function optionOf(
	judged: { socket: Socket; candidate: Candidate }[],
	configuration: Configuration,
	shop: Shop
): Option {
	const candidates = judged.map((j) => j.candidate);
	return {
		product: (candidates[0] as Candidate).product,
		verdict: candidates.map((c) => c.verdict).reduce(worseVerdict),
		needs: judged.flatMap(({ socket, candidate }) => needsOf(socket, candidate, configuration, shop)),
		lightMissing: Math.max(...candidates.map((c) => lightMissing(c.findings)))
	};
}

/** A solver may choose an LED that fits, alone or with parts; a filament lamp or a check by hand is a person's choice. */
function mayBeChosen(c: Candidate | undefined): boolean {
	return c !== undefined && c.product.kind !== 'halogen' && (c.verdict === 'fits' || c.verdict === 'parts');
}

function whyOpen(matches: readonly SocketMatch[]): string {
	const reason = matches.find((m) => m.open)?.open;
	if (reason) return OPEN_WORDS[reason];
	const leds = matches.map((m) => m.candidates.filter((c) => c.product.kind !== 'halogen'));
	if (leds.some((list) => list.length === 0)) return 'no LED is made for this lamp category';
	if (leds.every((list) => list.some((c) => c.verdict === 'unknown')))
		return 'only LEDs that want a check by hand; choose one and sign for it';
	const halogen = matches.every((m) => m.candidates.some((c) => c.product.kind === 'halogen' && c.verdict === 'fits'));
	return halogen ? 'every LED is refused; a halogen lamp fits' : 'every LED is refused; see Match for the reasons';
}

export interface KitCase {
	configuration: Configuration;
	catalogue: Catalogue;
	shop: Shop;
}

/** What may go where: sockets of the scope in groups of twins, each with the products that fit, alone or with parts. */
export function groupsOf(given: KitCase, order: KitOrder): Group[] {
	const { configuration, catalogue } = given;
	const shop = { ...given.shop, exception: order.exception };
	return twinGroups(socketsInScope(configuration.sockets, order.scope)).map((sockets): Group => {
		const choice = sockets.map((s) => order.choices[s.id]).find(Boolean);
		if (choice) return fixedGroup({ configuration, catalogue, shop }, sockets, choice);
		const matches = sockets.map((s) => matchSocket(configuration, s, catalogue, shop));
		const bySocket = matches.map((m) => new Map(m.candidates.map((c) => [c.product.id, c])));
		const options = (matches[0]?.candidates ?? []).flatMap((first) => {
			const candidates = bySocket.map((map) => map.get(first.product.id));
			if (!candidates.every(mayBeChosen)) return [];
			const judged = sockets.map((socket, i) => ({ socket, candidate: candidates[i] as Candidate }));
			return [optionOf(judged, configuration, shop)];
		});
		return { sockets, options, open: options.length === 0 ? whyOpen(matches) : null, fixed: false };
	});
}

function fixedGroup({ configuration, catalogue, shop }: KitCase, sockets: Socket[], choice: Choice): Group {
	if (choice.kind === 'stock') return { sockets, options: [], open: `stays stock: ${choice.reason}`, fixed: true };
	const product = catalogue.all.find((p) => p.product.id === choice.product);
	if (!product)
		return { sockets, options: [], open: `product ${choice.product} is no longer in the catalogue`, fixed: true };
	const judged = sockets.flatMap((socket) => {
		const prepared = socketCase(configuration, socket, shop);
		return prepared ? [{ socket, candidate: new Candidate(prepared, product) }] : [];
	});
	if (judged.length < sockets.length) return { sockets, options: [], open: 'lamp category not known', fixed: true };
	const option = optionOf(judged, configuration, shop);
	return option.verdict === 'refused'
		? { sockets, options: [], open: `${product.product.name} is refused here; see Match for the reasons`, fixed: true }
		: { sockets, options: [option], open: null, fixed: true };
}
