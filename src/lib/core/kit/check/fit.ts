import { partsFor } from '../../accessories';
import { mayCarry, withAssumedOutputs } from '../../circuit';
import { staysCool } from '../../heat';
import { categoryOrNull, lampFunction } from '../../lamps';
import { Candidate, socketCase } from '../../match';
import { supplyOf } from '../../vehicle';
import type { KitLine } from '../answer/answer';
import { lampsIn, type Check, type KitCheck } from './facts';

function partsAt(lines: readonly KitLine[], socket: string): string[] {
	return lines.flatMap(({ accessory, sockets, fitted = [] }) => {
		const at = fitted.some((p) => p.socket === socket) || (fitted.some((p) => !p.socket) && sockets.includes(socket));
		return accessory && at ? [accessory] : [];
	});
}

function lacking({ answer, configuration, shop }: KitCheck, candidate: Candidate): string[] {
	const { socket } = candidate.cases.socket;
	const category = categoryOrNull(socket.category);
	const here = partsAt(answer.lines, socket.id);
	return candidate.findings.flatMap(({ need }) => {
		if (!need || need.kind === 'load' || !category) return [];
		const helps = partsFor(need, { category, configuration }, shop.accessories);
		return helps.some((a) => here.includes(a.id)) ? [] : [`${socket.id} lacks its ${need.kind}`];
	});
}

/** A product of the catalogue judged in a socket; null when either cannot be matched any more. */
function judged({ configuration, catalogue, shop }: KitCheck, at: { socket: string; product: string }) {
	const socket = configuration.sockets.find((s) => s.id === at.socket);
	const prepared = socket && socketCase(configuration, socket, { shop, through: catalogue.through });
	const product = catalogue.find(at.product);
	return prepared && product && !product.record.withdrawn ? new Candidate(prepared, product) : null;
}

/** Match lets every lamp into its socket, with the parts it asks for in the box and a piece for each place; loads may carry their heat. */
export const fitCheck: Check = (kit) => {
	const { answer, configuration, catalogue, order } = kit;
	const shop = { ...kit.shop, exception: order.exception };
	const choices = new Map(Object.entries(order.choices));
	// A line that says it wants a check by hand gets its signature.
	const owned = new Set(answer.lines.flatMap((l) => (l.verdict === 'unknown' ? l.sockets : [])));
	const wrong: string[] = [];
	for (const [id, product] of lampsIn(answer.lines)) {
		if (catalogue.find(product)?.record.kind === 'assembly') continue;
		const candidate = judged({ ...kit, shop }, { socket: id, product });
		const chosen = choices.get(id)?.kind === 'product';
		if (!candidate) wrong.push(`${product} is no candidate for ${id}`);
		else if (candidate.verdict === 'refused' || (candidate.verdict === 'unknown' && !chosen && !owned.has(id)))
			wrong.push(`${product} in ${id} is ${candidate.verdict}`);
		else wrong.push(...lacking({ ...kit, shop }, candidate));
	}
	for (const { accessory: id, fitted = [], count, spare, sku } of answer.lines) {
		if (fitted.length === 0) continue;
		if (fitted.reduce((sum, p) => sum + p.pieces, 0) !== count - spare) wrong.push(`${sku}: pieces are wrong`);
		const { resistance: ohms, rating = 0 } = shop.accessories.find((a) => a.id === id) ?? {};
		for (const { channel } of fitted) {
			const feeds = withAssumedOutputs(configuration).channels.find((c) => c.id === channel)?.feeds ?? [];
			const duty = Math.max(0, ...feeds.map((feed) => lampFunction(feed.function).duty));
			const load = { ohms: ohms ?? 0, rating, duty, volts: supplyOf(configuration).charging };
			if (ohms && channel && !(mayCarry(load) && staysCool(load))) wrong.push(`${sku} may not carry ${channel}`);
		}
	}
	return wrong;
};
