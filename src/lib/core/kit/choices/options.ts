import { joinedNeeds, partsFor } from '../../accessories';
import {
	Candidate,
	isWeatherInBeam,
	meetsPreferences,
	OPEN_WORDS,
	socketCase,
	worseVerdict,
	type Preferences,
	type Shop,
	type SocketMatch
} from '../../match';
import type { Choice, KitOrder, Product, Socket } from '../../model';
import { whitePoint, type WhitePoint } from '../../optics';
import { lampFunction } from '../../lamps';
import { assumedValue } from '../../quantity';
import { twinGroups } from '../../vehicle';
import { assumedForKits } from '../assumptions';
import { socketsInScope } from '../order/scope';
import { lampAmounts } from '../weigh/amounts';
import { addAmounts, NO_AMOUNTS } from '../weigh/balance';
import type { Group, KitCase, Option, SocketNeed } from './group';
import { rememberedMatch } from './remembered-candidates';

function needsOf(socket: Socket, candidate: Candidate, shop: Shop): SocketNeed[] {
	const { category, configuration } = candidate.cases.socket;
	const needs = joinedNeeds(candidate.findings.flatMap(({ need }) => need ?? []));
	return needs.map((need) => ({
		socket,
		need,
		parts: partsFor(need, { category, configuration }, shop.accessories)
	}));
}

function whiteOf({ socket, product }: Candidate['cases']): WhitePoint | null {
	return product.light && socket.lens ? whitePoint(socket.through(product.light, socket.lens)) : null;
}

/** Steps a person notices: whites a good ten mired apart, light in fifths of the filament lamp's. */
const NOTICED_MIRED_STEP = 15;
const NOTICED_LIGHT_STEP = 0.2;

function lookOf(
	product: Product,
	{ white, light }: { white: WhitePoint | null; light: number },
	needs: readonly SocketNeed[]
): string {
	const hue = white ? Math.round(1e6 / white.cct / NOTICED_MIRED_STEP) : (product.colour?.kind ?? '');
	const kinds = [...new Set(needs.map((n) => n.need.kind))].sort();
	return [product.maker, hue, Math.round(light / NOTICED_LIGHT_STEP), kinds].join('|');
}

/** Whites further than this from the white of the shop's headlamps stand out, mired. */
const HEADLAMP_MIRED = 25;

/** What a headlamp costs for not having the shop's white, minor units; nothing where the order asks for a white, or for none. */
function offWhite(white: WhitePoint | null, sockets: readonly Socket[], { shop, order }: Ordered): number {
	const headlamp = sockets.some((s) => s.functions.some((id) => lampFunction(id).group === 'headlamp'));
	if (!headlamp || !white || order.kelvin !== undefined || order.matched === false) return 0;
	const assumed = assumedForKits(shop.assumptions);
	const apart = Math.abs(1e6 / white.cct - 1e6 / assumedValue(assumed, 'kit.headlamp.white'));
	return apart > HEADLAMP_MIRED ? Math.round(assumedValue(assumed, 'kit.mismatch') * sockets.length) : 0;
}

/** The order and the shop that options are made for. */
interface Ordered {
	shop: Shop;
	order: KitOrder;
}

/** An option from the same product judged in every socket of a group. */
function optionOf(sockets: readonly Socket[], candidates: readonly Candidate[], { shop, order }: Ordered): Option {
	const [first] = candidates as [Candidate];
	const needs = candidates.flatMap((c, i) => needsOf(sockets[i] as Socket, c, shop));
	const amounts = candidates.map(lampAmounts).reduce((sum, one) => addAmounts(sum, one), NO_AMOUNTS);
	const white = whiteOf(first.cases);
	return {
		product: first.product,
		verdict: candidates.map((c) => c.verdict).reduce(worseVerdict),
		needs,
		amounts,
		extra: offWhite(white, sockets, { shop, order }),
		white,
		look: lookOf(first.product, { white, light: amounts.light / candidates.length }, needs)
	};
}

/** A solver may choose an LED that fits, alone or with parts; a filament lamp or a check by hand is a person's choice. */
function mayBeChosen(c: Candidate | undefined): c is Candidate {
	return c !== undefined && c.product.kind !== 'halogen' && (c.verdict === 'fits' || c.verdict === 'parts');
}

/** An LED of which nothing is in doubt but an output nobody has recorded: a single lamp is sold so, with a signature. */
function wantsOnlyItsOutput(c: Candidate | undefined): c is Candidate {
	if (c === undefined || c.product.kind === 'halogen' || c.verdict === 'refused') return false;
	return c.findings.every((f) => f.level !== 'unknown' || f.code === 'electrics.no-channel');
}

/** True for an order of some sockets or one function, as a customer asks for a bulb. */
const isByTheBulb = ({ scope }: KitOrder) => scope === 'sockets' || scope === 'function';

/** A weather colour goes into a headlamp only where the order asks for such a white. */
const isAskedFor = ({ kelvin }: KitOrder, { product }: Candidate, sockets: readonly Socket[]) =>
	kelvin !== undefined || !sockets.some((s) => isWeatherInBeam(product, s.functions));

function whyOpen(matches: readonly SocketMatch[], filtered: boolean): string {
	const reason = matches.find((m) => m.open)?.open;
	if (reason) return OPEN_WORDS[reason];
	if (filtered) return 'what the order forbids or wishes leaves no lamp here';
	const leds = matches.map((m) => m.candidates.filter((c) => c.product.kind !== 'halogen'));
	if (leds.some((list) => list.length === 0)) return 'no LED is made for this lamp category';
	if (leds.every((list) => list.some((c) => c.verdict === 'unknown')))
		return 'only LEDs that want a check by hand; choose one and sign for it';
	const halogen = matches.every((m) => m.candidates.some((c) => c.product.kind === 'halogen' && c.verdict === 'fits'));
	return halogen ? 'every LED is refused; a halogen lamp fits' : 'every LED is refused; see Match for the reasons';
}

const wishOf = ({ kelvin, maker, withoutParts }: KitOrder): Preferences => ({
	inStock: false,
	withoutParts: withoutParts ?? false,
	kelvin: kelvin ?? null,
	maker: maker ?? null
});

function isForbidden({ forbidden = [] }: KitOrder, product: Product, sockets: readonly Socket[]): boolean {
	return forbidden.some((f) => f.product === product.id && (!f.socket || sockets.some((s) => s.id === f.socket)));
}

function freeGroup({ configuration, catalogue, shop }: KitCase, order: KitOrder, sockets: Socket[]): Group {
	const matches = sockets.map((s) => rememberedMatch({ configuration, catalogue, shop }, s));
	const bySocket = matches.map((m) => new Map(m.candidates.map((c) => [c.product.id, c])));
	const those = (able: (c: Candidate | undefined) => c is Candidate) =>
		(matches[0]?.candidates ?? []).flatMap((first) => {
			const candidates = bySocket.map((map) => map.get(first.product.id));
			return candidates.every(able) && isAskedFor(order, first, sockets) ? [candidates] : [];
		});
	const sure = those(mayBeChosen);
	const fitting = sure.length === 0 && isByTheBulb(order) ? those(wantsOnlyItsOutput) : sure;
	const keeps = meetsPreferences(wishOf(order));
	const wanted = fitting.filter(
		(candidates) =>
			candidates.every((c) => keeps(c)) && !isForbidden(order, (candidates[0] as Candidate).product, sockets)
	);
	const options = wanted.map((candidates) => optionOf(sockets, candidates, { shop, order }));
	const open = options.length === 0 ? whyOpen(matches, fitting.length > 0) : null;
	return { sockets, options, open, fixed: false };
}

function fixedGroup(
	{ configuration, catalogue, shop }: KitCase,
	{ order, sockets }: { order: KitOrder; sockets: Socket[] },
	choice: Choice
): Group {
	const none = (open: string): Group => ({ sockets, options: [], open, fixed: true });
	if (choice.kind === 'stock') return none(`stays stock: ${choice.reason}`);
	const product = catalogue.find(choice.product);
	if (!product) return none(`product ${choice.product} is no longer in the catalogue`);
	if (product.product.kind === 'assembly') return { sockets, options: [], open: null, fixed: true };
	const candidates = sockets.flatMap((socket) => {
		const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
		return prepared ? [new Candidate(prepared, product)] : [];
	});
	if (candidates.length < sockets.length) return none('lamp category not known');
	const option = optionOf(sockets, candidates, { shop, order });
	return option.verdict === 'refused'
		? none(`${product.product.name} is refused here; see Match for the reasons`)
		: { sockets, options: [option], open: null, fixed: true };
}

/** What may go where: sockets of the scope in groups of twins, each with the products that fit, alone or with parts. */
export function groupsOf(given: KitCase, order: KitOrder): Group[] {
	const withException = { ...given, shop: { ...given.shop, exception: order.exception } };
	return twinGroups(socketsInScope(given.configuration.sockets, order)).map((sockets) => {
		const choice = sockets.map((s) => order.choices[s.id]).find(Boolean);
		return choice ? fixedGroup(withException, { order, sockets }, choice) : freeGroup(withException, order, sockets);
	});
}
