import type { Drive, Fitted } from '../../src/lib/core/circuit';
import type { Configuration } from '../../src/lib/core/model';
import { categoryOrNull } from '../../src/lib/core/lamps';

/*
 * A second way to the currents of a vehicle, for tests: no network and no matrix. Each contact is a lamp between its wire and the earth of its
 * socket; the currents of one lamp are found by halving, then each earth and each wire is put where its currents add up, over and over, until
 * nothing moves. It knows nothing of `network/`.
 */

const FEED = 0.02;
const CONTACT = 0.005;
const DIM = new Set(['tail', 'front-position']);

interface Branch {
	/** Wires that reach it. */
	wires: number[];
	earth: number;
	/** Resistance of its contact, ohm. */
	contact: number;
	/** Current from contact to earth by the voltage across, A; it grows with the voltage, but for an LED that is lit. */
	lamp: (volts: number) => number;
	/** True when an LED is in it, so that more than one answer may stand. */
	bends: boolean;
}

const filament = (watts: number, rated: number) => (v: number) =>
	Math.sign(v) * (watts / rated) * (Math.abs(v) / rated) * ((v / rated) ** 2 + 0.002 ** 2) ** -0.225;

function led(watts: number, turnOn: number): (v: number) => number {
	return (v) => {
		if (v >= turnOn) return watts / v;
		return v <= turnOn - 0.4 ? 0 : ((watts / turnOn) * (v - turnOn + 0.4)) / 0.4;
	};
}

/** Where a function crosses zero between two points of other signs, by false position with halving where one end stands still (Illinois). */
function root(f: (x: number) => number, low: number, high: number): number {
	let [a, b] = [low, high];
	let [fa, fb] = [f(a), f(b)];
	if (fa === 0 || fa > 0 === fb > 0) return Math.abs(fa) <= Math.abs(fb) ? a : b;
	for (let i = 0; i < 60 && Math.abs(b - a) > 1e-11; i++) {
		const c = i % 12 === 11 ? (a + b) / 2 : b - (fb * (b - a)) / (fb - fa);
		const fc = f(c);
		if (fc === 0) return c;
		if (fc > 0 === fb > 0) fa /= 2;
		else [a, fa] = [b, fb];
		[b, fb] = [c, fc];
		if (Math.abs(fc) < 1e-9) break;
	}
	return b;
}

/** The highest contact potential at which what comes in by the wires is what the lamp draws: an LED that can be lit is. */
function contactAt(
	branch: Branch,
	{ wires, earth, top }: { wires: readonly number[]; earth: number; top: number }
): number {
	const into = (v: number) => wires.reduce((sum, wire) => sum + (wire - v) / branch.contact, 0);
	const excess = (v: number) => branch.lamp(v - earth) - into(v);
	if (wires.length === 0) return root((v) => branch.lamp(v - earth) + v * 1e-10, -top, top);
	// From the top down to the first change of sign.
	const steps = branch.bends && branch.contact > 0.1 ? 60 : 1;
	const [least, most] = [Math.min(...wires, earth) - 0.001, Math.max(...wires, earth) + 0.001];
	for (let i = 0; i < steps; i++) {
		const high = most - ((most - least) * i) / steps;
		const low = most - ((most - least) * (i + 1)) / steps;
		if (excess(high) >= 0 && excess(low) <= 0) return root(excess, low, high);
	}
	return root(excess, least, most);
}

/** Current of each channel, A, by halving and repetition. */
export function secondSolution(
	{ configuration, fitted }: { configuration: Configuration; fitted: Fitted },
	{ volts, drives, blown }: { volts: number; drives: ReadonlyMap<string, Drive>; blown: ReadonlySet<string> }
): Map<string, number> {
	const { channels, sockets } = configuration;
	const on = channels.map(({ id }) => (drives.get(id)?.functions.length ?? 0) > 0 && !blown.has(id));
	const flashes = channels.map(({ id }) => drives.get(id)?.flashing ?? false);
	const has = (kind: string, socket: string) =>
		fitted.faults.some((f) => f.kind === kind && 'socket' in f && f.socket === socket);
	const ohms = (kind: string, socket: string) =>
		fitted.faults.reduce(
			(sum, f) => sum + (f.kind === kind && 'socket' in f && f.socket === socket && 'ohms' in f ? f.ohms : 0),
			CONTACT
		);
	const branches: Branch[] = [];
	sockets.forEach((socket, at) => {
		const category = categoryOrNull(socket.category)!;
		const two = category.filaments === 2;
		const bright = socket.functions.filter(
			(fn) => !two || (!DIM.has(fn) && !(fn === 'low-beam' && socket.functions.includes('high-beam')))
		);
		for (const [role, functions] of [
			['major', bright],
			['minor', socket.functions.filter((fn) => !bright.includes(fn))]
		] as const) {
			const able = channels.flatMap((c, i) =>
				c.feeds.some((f) => f.socket === socket.id && (functions as string[]).includes(f.function)) ? [i] : []
			);
			const driven = able.filter((i) => on[i]);
			const wires = able.length < 2 ? able : driven.some((i) => flashes[i]) ? driven.filter((i) => flashes[i]) : driven;
			const lamp = fitted.lamps.get(socket.id) ?? { kind: 'stock' };
			if (able.length === 0 || lamp.kind === 'out') continue;
			const parts: ((v: number) => number)[] = [];
			const bends = lamp.kind === 'product';
			if (lamp.kind === 'stock')
				parts.push(filament(role === 'minor' ? category.wattsMinor! : category.watts!, category.volts!));
			else {
				const { product } = lamp;
				const one = led(role === 'minor' ? product.power!.minor! : product.power!.at13v5!, product.turnOn!);
				const turned = has('reversed', socket.id) ? -1 : 1;
				parts.push(
					product.polarity === 'free' ? (v) => Math.sign(v) * one(Math.abs(v)) : (v) => turned * one(turned * v)
				);
				const load = role === 'major' && !has('load-gone', socket.id) ? product.builtInLoad! : 0;
				if (load > 0) parts.push((v) => (v * load) / 13.5 ** 2);
			}
			const draws = (v: number) => parts.reduce((sum, part) => sum + part(v), 0);
			branches.push({ wires, earth: at, contact: ohms('contact', socket.id), lamp: draws, bends });
		}
	});
	const wire = channels.map((_, i) => (on[i] ? volts : 0));
	const earth = sockets.map(() => 0);
	// What no wire under voltage reaches, step by step over the sockets it shares, has no current.
	const live = new Set(channels.flatMap((_, i) => (on[i] ? [i] : [])));
	for (let grown = -1; grown !== live.size;) {
		grown = live.size;
		const reached = new Set(branches.filter((b) => b.wires.some((w) => live.has(w))).map((b) => b.earth));
		for (const b of branches) if (reached.has(b.earth)) for (const w of b.wires) live.add(w);
	}
	const lit = new Set(branches.filter((b) => b.wires.some((w) => live.has(w))).map((b) => b.earth));
	const loads = channels.map(({ id }) =>
		fitted.parts.reduce((sum, p) => sum + (p.channel === id && p.effect?.kind === 'load' ? 1 / p.effect.ohms : 0), 0)
	);
	for (let round = 0, moved = Infinity; round < 2000 && moved > 1e-6; round++) {
		moved = 0;
		sockets.forEach((socket, at) => {
			if (!lit.has(at)) return;
			const own = branches.map((b, i) => [b, i] as const).filter(([b]) => b.earth === at);
			const toEarth = ohms('earth', socket.id);
			const next = root(
				(e) =>
					e / toEarth -
					own.reduce((sum, [b]) => {
						const v = contactAt(b, { wires: b.wires.map((w) => wire[w]!), earth: e, top: volts });
						return sum + b.lamp(v - e);
					}, 0),
				-volts,
				volts
			);
			moved = Math.max(moved, Math.abs(next - earth[at]!));
			earth[at] = next;
		});
		channels.forEach((_, c) => {
			if (!live.has(c)) return;
			const own = branches.filter((b) => b.wires.includes(c));
			const next = root(
				(w) =>
					(on[c] ? (w - volts) / FEED : w * 1e-10) +
					w * loads[c]! +
					own.reduce((sum, b) => {
						const wires = b.wires.map((i) => (i === c ? w : wire[i]!));
						return sum + (w - contactAt(b, { wires, earth: earth[b.earth]!, top: volts })) / b.contact;
					}, 0),
				-volts,
				volts
			);
			moved = Math.max(moved, Math.abs(next - wire[c]!));
			wire[c] = next;
		});
	}
	return new Map(channels.map(({ id }, i) => [id as string, on[i] ? Math.max(0, (volts - wire[i]!) / FEED) : 0]));
}
