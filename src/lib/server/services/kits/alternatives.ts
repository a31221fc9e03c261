import type { Knex } from 'knex';
import { assembliesOf, groupsOf, socketsInScope } from '../../../core/kit';
import { describe, matchSocket, type Candidate, type Verdict } from '../../../core/match';
import { groupName, socketName, twinGroups } from '../../../core/vehicle';
import type { AlternativeView, PlaceView } from '../../../core/views';
import { dataOfKit, dataToChooseFrom } from './data';
import type { KitSheet } from './show';

const MAX_ALTERNATIVES = 24;
const cheapest = (packs: readonly { price: number; count: number }[]) =>
	packs.length === 0 ? null : Math.round(Math.min(...packs.map((p) => p.price / p.count)));

function reasonOf({ findings, verdict }: Candidate): string | null {
	if (verdict === 'fits') return null;
	const worst = findings.find((f) => f.level === (verdict === 'unknown' ? 'unknown' : 'needs'));
	return worst ? describe(worst).why : null;
}

/** What else may go in a place of a kit, best first, and the places its line serves; null when the place is not in the kit. */
export async function alternativesFor(
	db: Knex,
	{ configuration, order, answer }: KitSheet,
	socketId: string
): Promise<PlaceView | null> {
	const groups = twinGroups(socketsInScope(configuration.sockets, order));
	const group = groups.find((g) => g.some((s) => s.id === socketId));
	const [socket] = group ?? [];
	if (!group || !socket) return null;
	const { catalogue, shop: usual } = await dataToChooseFrom(db, configuration, { order, answer });
	const shop = { ...usual, exception: order.exception };
	const line = answer.lines.find((l) => l.product && l.sockets.includes(socket.id));
	const banned = (product: string) =>
		(order.forbidden ?? []).some((f) => f.product === product && (!f.socket || group.some((s) => s.id === f.socket)));
	const shown = (
		product: { id: string; name: string; maker: string; packs: readonly { price: number; count: number }[] },
		verdict: Verdict,
		reason: string | null
	): AlternativeView => ({
		product: product.id,
		name: `${product.maker} ${product.name}`,
		verdict,
		price: cheapest(product.packs),
		reason,
		current: product.id === line?.product,
		forbidden: banned(product.id)
	});
	const lamps = matchSocket({ configuration, catalogue, shop }, socket)
		.candidates.filter((c) => c.verdict !== 'refused')
		.slice(0, MAX_ALTERNATIVES)
		.map((c) => shown(c.product, c.verdict, reasonOf(c)));
	const assemblies = assembliesOf(
		{ configuration, catalogue, shop },
		groupsOf({ configuration, catalogue, shop }, order)
	)
		.filter((a) => a.groups.some((g) => g.sockets.some((s) => s.id === socket.id)))
		.map((a) => ({
			...shown(a.product, a.verdict, a.check),
			replaces: a.groups.map((g) => groupName(g.sockets)).join(', ')
		}));
	const served = line ? groups.filter((g) => g.some((s) => line.sockets.includes(s.id))) : [group];
	return {
		socket: socket.id,
		name: groupName(group),
		fixed: group.some((s) => order.choices[s.id] !== undefined),
		line: line?.name ?? null,
		places: served.map((g) => ({ socket: g[0]?.id ?? '', name: groupName(g) })),
		alternatives: [...lamps, ...assemblies]
	};
}

/** Names of the products, parts and sockets an order speaks of by their ids. */
export async function namesIn(db: Knex, { order, answer, configuration }: KitSheet): Promise<Record<string, string>> {
	const { catalogue, shop } = await dataOfKit(db, { order, answer });
	const spoken = new Set<string>([
		...(order.forbidden ?? []).flatMap((f) => [f.product, f.socket ?? '']),
		...Object.entries(order.has?.lamps ?? {}).flat(),
		...Object.keys(order.has?.parts ?? {})
	]);
	return Object.fromEntries([
		...[...spoken].flatMap((id) => {
			const product = catalogue.find(id)?.record;
			return product ? [[id, product.name]] : [];
		}),
		...shop.accessories.flatMap(({ id, name }) => (spoken.has(id) ? [[id, name ?? id]] : [])),
		...configuration.sockets.flatMap((s) => (spoken.has(s.id) ? [[s.id, socketName(s)]] : []))
	]);
}
