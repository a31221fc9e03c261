import { depthNeeded } from '../../fit';
import { capState, heatLevel, steadySpan, type CapState } from '../../heat';
import { assumedValue } from '../../quantity';
import { type ProductCase, type SocketCase, heatBandOf, limitOf } from '../cases';
import { LEVELS, type Level } from '../findings/finding';
import { PLUG_MM } from '../gates/size/driver';
import { partsFor } from '../../accessories';

/** One way to close the back of a lamp over a product, and what it comes to. */
export interface CapOption {
	kind: 'stock' | 'ready' | 'modified' | 'none';
	name: string;
	/** Accessory on sale, for a ready cap. */
	accessory: string | null;
	/** Depth behind the reference plane, mm; null when it is not known or has no end. */
	depth: number | null;
	/** Body temperature after a long time lit, C; null when it is not known. */
	temperature: number | null;
	level: Level;
	why: string;
	/** What it costs, minor units: the pack for one lamp, or work and material. */
	price: number;
}

interface Way extends Pick<CapOption, 'kind' | 'name' | 'accessory' | 'depth' | 'price'> {
	state: CapState;
	/** Hole for a driver's plug, mm. */
	port: number;
}

/** Every way there is: the cap as it is, each cap on sale for this lamp, a cut and sealed one, and none. */
function waysOf(s: SocketCase): Way[] {
	const depth = s.socket.envelope?.rearDepth ?? null;
	const state = capState(s.socket.cap, s.category.mount);
	const stock: Way = { kind: 'stock', name: 'cap as it is', accessory: null, depth, price: 0, state, port: 0 };
	const { category, configuration } = s;
	const ready = partsFor({ kind: 'cap', extraDepth: 0 }, { category, configuration }, s.shop.accessories).map(
		(a): Way => {
			const price = Math.min(...a.packs.map((pack) => pack.price / pack.count));
			const port = a.port ?? 0;
			const deeper = depth === null ? null : depth + (a.extraDepth ?? 0);
			const cap = port > 0 ? 'ported' : 'extended';
			return { kind: 'ready', name: a.name ?? a.id, accessory: a.id, depth: deeper, price, state: cap, port };
		}
	);
	const work =
		assumedValue(s.assumed, 'work.cap.material') +
		(assumedValue(s.assumed, 'work.hour') * assumedValue(s.assumed, 'work.cap.minutes')) / 60;
	return [
		stock,
		...ready,
		{
			kind: 'modified',
			name: 'stock cap, cut and sealed',
			accessory: null,
			depth: null,
			price: work,
			state: 'ported',
			port: Infinity
		},
		{ kind: 'none', name: 'no cap', accessory: null, depth: null, price: 0, state: 'open', port: Infinity }
	];
}

type CapFinding = Pick<CapOption, 'level' | 'why'>;

function depthFinding({ depth }: Way, needed: number | null): CapFinding | null {
	if (needed === null) return { level: 'unknown', why: 'the length of the body behind is not known' };
	if (depth === null) return null;
	const over = needed - depth;
	return over > 0 ? { level: 'refuse', why: `the body is ${Math.round(over * 10) / 10} mm too deep for it` } : null;
}

function driverFinding({ kind, port }: Way, p: ProductCase): CapFinding | null {
	const inline = p.product.driver?.where === 'inline';
	if (!inline || kind === 'stock') return null; // the size gate looks for room under the stock cap
	return port >= PLUG_MM ? null : { level: 'unknown', why: 'no port for the driver: see that it fits inside' };
}

function kindFinding({ kind }: Way): CapFinding | null {
	if (kind === 'none') return { level: 'refuse', why: 'dust and water get in' };
	return kind === 'modified' ? { level: 'unknown', why: 'a cut cap is as tight as the work on it' } : null;
}

/**
 * Compares the ways to close the back of a lamp over a product: does the body go under it, is it cool enough, what does it cost.
 * Empty for lamps that have no cap behind them.
 */
export function capOptions(s: SocketCase, p: ProductCase): CapOption[] {
	if (p.lamp === 'filament' || s.category.mount !== 'flange' || s.socket.cap?.kind === 'none') return [];
	const { size, cooling } = p.product;
	const { limit } = limitOf(s, p.product);
	const needed = size?.rearLength === undefined ? null : depthNeeded(size.rearLength, cooling);
	return waysOf(s).map((way) => {
		const heat = heatBandOf(s, p.product, way.state);
		const span = heat && steadySpan(heat);
		const findings: (CapFinding | null)[] = [kindFinding(way), depthFinding(way, needed), driverFinding(way, p)];
		if (span === null) findings.push({ level: 'unknown', why: 'the heat is not known' });
		else {
			const level = heatLevel(span, limit);
			if (level !== 'pass')
				findings.push({ level, why: `${Math.round(span.low)} to ${Math.round(span.high)} C of ${limit} C` });
		}
		const ranked = findings
			.filter((one) => one !== null)
			.sort((a, b) => LEVELS.indexOf(b.level) - LEVELS.indexOf(a.level));
		const { kind, name, accessory, depth, price } = way;
		const [worst] = ranked;
		return {
			kind,
			name,
			accessory,
			depth,
			price,
			temperature: span && span.middle,
			level: worst?.level ?? 'pass',
			why: ranked.map(({ why }) => why).join('; ') || 'closes over it and stays cool'
		};
	});
}
