import {
	ledColdConductance,
	ledCurrent,
	mayCarry,
	monitorChecks,
	stockColdConductance,
	stockCurrent,
	WIRE_SHARE
} from '../src/lib/core/circuit';
import { kitOrder, type Accessory, type Pack, type Product } from '../src/lib/core/model';
import { assembleKit, changeLine, checkKit, choicesFor, type KitCase } from '../src/lib/core/kit';
import { categoryOrNull, filamentOf, lampFunction } from '../src/lib/core/lamps';
import { highsSolver } from '../src/lib/server/solver/highs';
import { generateKitCase } from '../tests/support/generate-kit';
import { ms } from './measure';

const SEEDS = 15;
const middle = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** A shelf somebody takes packs from, one kind at a time, and the pieces that are over. */
class Shelf {
	private readonly taken = new Map<string, number>();
	private readonly over = new Map<Product | Accessory, number>();

	/** Price of the packs of the one cheapest kind that hold so many pieces; infinite when no kind does. */
	price(item: Product | Accessory, pieces: number): { price: number; pack: Pack | null; packs: number } {
		const wanted = Math.max(0, pieces - (this.over.get(item) ?? 0));
		if (wanted === 0) return { price: 0, pack: null, packs: 0 };
		return item.packs
			.map((pack) => ({
				pack,
				packs: Math.ceil(wanted / pack.count),
				price: Math.ceil(wanted / pack.count) * pack.price
			}))
			.filter(({ pack, packs }) => packs <= (pack.stock ?? 99) - (this.taken.get(pack.sku) ?? 0))
			.reduce<{ price: number; pack: Pack | null; packs: number }>(
				(best, one) => (one.price < best.price ? one : best),
				{
					price: Infinity,
					pack: null,
					packs: 0
				}
			);
	}

	take(item: Product | Accessory, pieces: number): number {
		const { price, pack, packs } = this.price(item, pieces);
		if (pack) this.taken.set(pack.sku, (this.taken.get(pack.sku) ?? 0) + packs);
		this.over.set(item, (this.over.get(item) ?? 0) + packs * (pack?.count ?? 0) - pieces);
		return price;
	}
}

/** A kit as it is put together by hand: the cheapest lamp place by place, then the cheapest load output by output. Price and open sockets. */
function greedy(kitCase: KitCase & { accessories: Accessory[] }): { total: number; open: number } {
	const input = choicesFor(kitCase, kitOrder.parse({}));
	const shelf = new Shelf();
	const chosen = new Map<string, Product>();
	let total = 0;
	let open = 0;
	for (const { members, options } of input.groups)
		for (const { sockets } of members) {
			const [best] = options
				.map((o) => ({ product: o.product, price: shelf.price(o.product, sockets.length).price }))
				.sort((a, b) => a.price - b.price);
			if (!best || best.price === Infinity) open += sockets.length;
			else {
				total += shelf.take(best.product, sockets.length);
				for (const socket of sockets) chosen.set(socket.id, best.product);
			}
		}
	for (const check of monitorChecks(kitCase.configuration)) {
		const feeds = check.channels.flatMap((c) => c.feeds);
		const volts = 12.6;
		const drawn = feeds.reduce((sum, feed) => {
			const socket = kitCase.configuration.sockets.find((s) => s.id === feed.socket);
			const role = filamentOf(socket?.functions ?? [], feed.function);
			const lamp = chosen.get(feed.socket);
			const category = categoryOrNull(socket?.category);
			const stock =
				(category &&
					(check.kind === 'current'
						? stockCurrent(category, role, { volts })
						: stockColdConductance(category, role))) ??
				0;
			const led =
				lamp && (check.kind === 'current' ? ledCurrent(lamp, role, { volts }) : ledColdConductance(lamp, role));
			return sum + (lamp ? (led ?? 0) : stock);
		}, 0);
		const lacks = check.atLeast * WIRE_SHARE - drawn;
		if (lacks <= 0) continue;
		const duty = Math.max(...feeds.map((f) => lampFunction(f.function).duty));
		const most = (a: Accessory) =>
			a.scope === 'lamp' ? new Set(feeds.map((f) => f.socket)).size : check.channels.length;
		const [best] = kitCase.accessories
			.filter((a) => a.resistance && mayCarry({ ohms: a.resistance, rating: a.rating ?? 0, duty }))
			.map((a) => ({ a, pieces: Math.ceil((lacks * (a.resistance ?? 1)) / (check.kind === 'current' ? volts : 1)) }))
			.filter(({ a, pieces }) => pieces <= most(a))
			.map(({ a, pieces }) => ({ a, pieces, price: shelf.price(a, pieces).price }))
			.sort((x, y) => x.price - y.price);
		if (!best || best.price === Infinity) open += new Set(feeds.map((f) => f.socket)).size;
		else total += shelf.take(best.a, best.pieces);
	}
	return { total, open };
}

/** Kits of 40 and 60 sockets: time to the proven best, its price beside a greedy one's, and the time after one change. */
export async function kits(): Promise<void> {
	for (const [pairs, aim] of [
		[20, 1000],
		[30, 3000]
	] as const) {
		const times: number[] = [];
		const again: number[] = [];
		const moves: number[] = [];
		const ratios: number[] = [];
		let gaps = 0;
		let wrong = 0;
		let opens = [0, 0];
		for (let seed = 1; seed <= SEEDS; seed++) {
			const kitCase = generateKitCase(seed, { pairs, candidates: 20, loads: 26 });
			const order = kitOrder.parse({});
			const timed = async <T>(into: number[], work: () => Promise<T>): Promise<T> => {
				const start = performance.now();
				const done = await work();
				into.push(performance.now() - start);
				return done;
			};
			const kit = await timed(times, () => assembleKit(kitCase, order, { solver: highsSolver }));
			if (!kit.ok) throw new Error(kit.error.words);
			gaps += kit.value.gap;
			wrong += checkKit({ answer: kit.value, order, ...kitCase }).length;
			const line = kit.value.lines.find((l) => l.product);
			const [socket = ''] = line?.sockets ?? [];
			const group = choicesFor(kitCase, order).everyGroup.find((g) => g.sockets.some((s) => s.id === socket));
			const other = group?.options.find((o) => o.product.id !== line?.product);
			if (group && other) {
				const choice = { kind: 'product', product: other.product.id };
				const fixed = kitOrder.parse({ choices: Object.fromEntries(group.sockets.map((s) => [s.id, choice])) });
				await timed(again, () => assembleKit(kitCase, fixed, { solver: highsSolver }));
				await timed(moves, () =>
					changeLine({ kitCase, order, answer: kit.value }, { socket, product: other.product.id }, highsSolver)
				);
			}
			const byHand = greedy(kitCase);
			// By hand nobody matches whites or adds grease, so the best kit without those is what it stands beside.
			const accessories = kitCase.accessories.filter((a) => a.kind !== 'consumable');
			const bare = { ...kitCase, shop: { ...kitCase.shop, accessories } };
			const best = await assembleKit(bare, { ...order, matched: false }, { solver: highsSolver });
			if (!best.ok) throw new Error(best.error.words);
			opens = [(opens[0] ?? 0) + best.value.open.length, (opens[1] ?? 0) + byHand.open];
			if (byHand.open === best.value.open.length) ratios.push(byHand.total / best.value.total);
		}
		console.log(
			`kit, ${2 * pairs} sockets x 20 candidates, 30 accessories, ${SEEDS} vehicles: proven best in ${ms(middle(times))} (slowest ${ms(Math.max(...times))}; aim: under ${aim} ms), gaps ${gaps}, wrong by the independent check ${wrong}`
		);
		console.log(
			`  after one change: solved again in ${ms(middle(again))} (aim: under 300 ms), ratio to the first ${(middle(again) / middle(times)).toFixed(2)}; what one lamp would move in ${ms(middle(moves))}`
		);
		console.log(
			`  put together by hand, greedily: ${middle(ratios).toFixed(2)} x the price where as many sockets are served; open sockets ${opens[1]} beside ${opens[0]}`
		);
	}
}
