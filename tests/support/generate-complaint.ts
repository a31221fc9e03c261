import { fittedPart } from '../../src/lib/core/accessories';
import {
	MODE_IDS,
	MODES,
	simulate,
	STOCK,
	vehicleCircuit,
	type Fault,
	type Fitted,
	type FittedLamp,
	type FittedPart,
	type ModeId,
	type ModeState
} from '../../src/lib/core/circuit';
import { readDocument } from '../../src/lib/core/exchange';
import {
	SYMPTOMS,
	type BayTest,
	type Look,
	type Observation,
	type Place,
	type Symptom
} from '../../src/lib/core/learn';
import { unitsOf } from '../../src/lib/core/learn/causes/poor-earth';
import type { Accessory, Configuration, Product, Socket } from '../../src/lib/core/model';
import { makeAccessory } from './make';

type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)] as T;

const PLACES = [
	['front', ['turn'], 'PY21W'],
	['side', ['turn'], 'WY5W'],
	['front', ['low-beam'], 'H7'],
	['front', ['high-beam'], 'H1'],
	['front', ['front-position'], 'W5W'],
	['front', ['drl'], 'P21W'],
	['rear', ['turn'], 'PY21W'],
	['rear', ['stop', 'tail'], 'P21/5W'],
	['rear', ['stop', 'tail'], 'W21/5W'],
	['rear', ['reverse'], 'W16W'],
	['rear', ['licence-plate'], 'C5W'],
	['cabin', ['dome'], 'C5W']
] as const;

/** A vehicle as a shop leaves it: LEDs in, with what keeps it quiet. */
export interface LeftFine {
	configuration: Configuration;
	fitted: Fitted;
	products: Product[];
	accessories: Accessory[];
}

const led = (id: string, fits: string[], random: Random) => ({
	id,
	maker: 'Maker',
	name: id,
	kind: 'led',
	fits,
	modes: ['dual'],
	power: { at13v5: 1.5 + 4 * random(), minor: 0.4 + 0.4 * random() },
	polarity: random() < 0.6 ? 'sensitive' : 'free',
	wiring: 'standard',
	startUp: 0.002,
	...(fits[0] === 'PY21W' && random() < 0.4 ? { builtInLoad: 18 } : {}),
	packs: []
});

function vehicle(random: Random, many: number) {
	const rows = PLACES.filter(() => random() < 0.75);
	const chosen = [...(rows.length > 3 ? rows : PLACES.slice(0, 7))];
	while (chosen.length * 2 < many) chosen.push(pick(PLACES, random));
	const sockets = chosen.flatMap(([zone, functions, category], i) =>
		(['left', 'right'] as const).map((side) => ({
			id: `${i}-${functions[0]}-${side}`,
			zone,
			side,
			index: 1 + chosen.slice(0, i).filter(([z, f]) => z === zone && f[0] === functions[0]).length,
			functions,
			category,
			wiring: 'standard',
			lens: 'clear'
		}))
	);
	const outputs = new Map<string, { socket: string; function: string }[]>();
	const one = new Set(['stop', 'tail', 'front-position', 'reverse', 'low-beam', 'drl'].filter(() => random() < 0.5));
	for (const socket of sockets)
		for (const fn of socket.functions) {
			const id = one.has(fn) ? fn : `${fn}-${socket.side}`;
			outputs.set(id, [...(outputs.get(id) ?? []), { socket: socket.id, function: fn }]);
		}
	const monitors = random() < 0.6;
	const channels = [...outputs].map(([id, feeds]) => {
		const isTurn = id.startsWith('turn');
		const watched = monitors && random() < 0.7;
		const kind = isTurn ? 'flasher' : !watched ? 'none' : pick(['hot', 'cold'] as const, random);
		return {
			id,
			feeds,
			fuse: 10,
			message: `Check ${id}`,
			feed:
				/low|drl|position/.test(id) && random() < 0.4
					? { kind: 'pwm', frequency: 200, duty: Object.fromEntries(feeds.map((f) => [f.function, 0.7])) }
					: { kind: 'steady' },
			monitor: kind === 'cold' ? { kind, maxOhm: 60 } : kind === 'hot' ? { kind, minCurrent: 0.5 } : { kind }
		};
	});
	const flasher = {
		kind: pick(['plug-in', 'body-computer'] as const, random),
		pins: 3,
		thresholdCurrent: 2,
		normalPerMinute: 85
	};
	return { id: 'made', make: 'Made', model: 'Up', kind: 'car', market: 'UN', sockets, channels, flasher };
}

const complaining = (configuration: Configuration, fitted: Fitted): string[] => {
	const circuit = vehicleCircuit(configuration, fitted);
	return [
		...new Set(
			MODE_IDS.flatMap((mode) =>
				simulate(circuit, MODES[mode]).channels.flatMap(({ id, monitor }) => (monitor === 'complains' ? id : []))
			)
		)
	];
};

/** A made-up vehicle with LEDs in most of its sockets, loads and modules where it wants them, quiet in every mode. */
export function leftFine(random: Random, many = 0): LeftFine {
	const categories = [...new Set(PLACES.map(([, , category]) => category))];
	const read = readDocument({
		format: 'rotalux/1',
		configurations: [vehicle(random, many)],
		products: categories.flatMap((category) => [
			...['a', 'b'].map((which) => led(`${category.replace('/', '-')}-${which}`, [category], random))
		])
	});
	if (!read.ok) throw new Error(JSON.stringify(read.error.slice(0, 3)));
	const [configuration] = read.value.configurations as [Configuration];
	const { products } = read.value;
	const chosen = new Map(
		categories.map((category) => [
			category as string,
			pick(
				products.filter(({ fits }) => fits[0] === category),
				random
			)
		])
	);
	const lamps = new Map<string, FittedLamp>(
		configuration.sockets
			.filter(() => random() < 0.9)
			.map(({ id, category }) => [id, { kind: 'product', product: chosen.get(category ?? '') as Product }])
	);
	const load = makeAccessory({ id: 'load', kind: 'resistor', resistance: 6, rating: 50, scope: 'channel' });
	const cancel = makeAccessory({ id: 'cancel', kind: 'resistor', resistance: 27, rating: 25, scope: 'channel' });
	const module = makeAccessory({ id: 'module', kind: 'pwm-module', capacitance: 0.0047 });
	const unit = makeAccessory({ id: 'unit', kind: 'flasher', fits: { pins: 3 } });
	const parts: FittedPart[] = [];
	const fitted = (): Fitted => ({ lamps, parts, faults: [] });
	const add = (accessory: Accessory, where: object) => parts.push(fittedPart(accessory, configuration, where));
	for (const mode of MODE_IDS)
		for (const lamp of simulate(vehicleCircuit(configuration, fitted()), MODES[mode]).lamps)
			if (lamp.flicker.word === 'strobes' || lamp.flicker.word === 'drops-out') add(module, { socket: lamp.socket });
	const turns = complaining(configuration, fitted()).filter((id) => id.startsWith('turn'));
	if (turns.length > 0 && configuration.flasher?.kind === 'plug-in' && random() < 0.5) add(unit, {});
	for (let i = 0; i < 3; i += 1)
		for (const id of complaining(configuration, fitted()))
			add(id.startsWith('turn') ? load : i > 0 ? load : cancel, { channel: id });
	return { configuration, fitted: fitted(), products, accessories: [load, cancel, module, unit] };
}

/** What is wrong with a vehicle, and how it is meant to be called. */
export interface Truth {
	cause: string;
	socket: string | null;
	channel: string | null;
	configuration: Configuration;
	fitted: Fitted;
	/** When it is warm, where that differs. */
	warm?: Fitted;
}

const logarithmic = (least: number, most: number, random: Random) => least * (most / least) ** random();

/** Something goes wrong with a vehicle; null where it cannot. Written apart from the causes it is to be found by. */
export function goWrong({ configuration, fitted, products }: LeftFine, random: Random): Truth | null {
	const fault = (one: Fault): Fitted => ({ ...fitted, faults: [one] });
	const leds = configuration.sockets.filter(({ id }) => fitted.lamps.has(id));
	const productIn = ({ id }: Socket) => {
		const lamp = fitted.lamps.get(id);
		return lamp?.kind === 'product' ? lamp.product : null;
	};
	const base = { configuration, fitted, socket: null, channel: null };
	const at = (
		cause: string,
		socket: Socket | undefined,
		kind: 'reversed' | 'crossed' | 'load-gone' | 'driver-dead' | 'out'
	) => (socket ? { ...base, cause, socket: socket.id as string, fitted: fault({ kind, socket: socket.id }) } : null);
	const some = <T>(list: readonly T[]): T | undefined => (list.length === 0 ? undefined : pick(list, random));
	const loads = fitted.parts.filter(({ effect }) => effect?.kind === 'load');
	const without = (part: FittedPart, to: FittedPart[] = []) => ({
		...fitted,
		parts: fitted.parts.flatMap((one) => (one === part ? to : one))
	});
	const kinds: (() => Truth | null)[] = [
		() => at('lamp-turned-round', some(leds.filter((s) => productIn(s)?.polarity !== 'free')), 'reversed'),
		() => at('crossed-wiring', some(leds.filter((s) => s.category === 'W21/5W')), 'crossed'),
		() => at('driver-dead', some(leds), 'driver-dead'),
		() => at('lamp-out', some(configuration.sockets.filter(({ id }) => !fitted.lamps.has(id))), 'out'),
		() => {
			const channel = some(configuration.channels.filter(({ feeds }) => feeds.length > 0));
			const sockets = [...new Set(channel?.feeds.map((f) => f.socket as string))];
			if (!channel) return null;
			const socket = sockets.length === 1 ? (sockets[0] as string) : (some([null, ...sockets]) ?? null);
			const branch = sockets.length > 1 && socket !== null ? { socket } : {};
			return {
				...base,
				cause: 'circuit-open',
				socket,
				channel: channel.id,
				fitted: fault({ kind: 'open', channel: channel.id, ...branch })
			};
		},
		() => {
			const channel = some(configuration.channels);
			return channel
				? {
						...base,
						cause: 'circuit-short',
						channel: channel.id,
						fitted: fault({ kind: 'short', channel: channel.id })
					}
				: null;
		},
		() => {
			const unit = some(unitsOf(configuration.sockets));
			if (!unit) return null;
			const sockets = unit.map(({ id }) => id as string);
			return {
				...base,
				cause: 'poor-earth',
				socket: sockets[0] as string,
				fitted: fault({ kind: 'unit-earth', sockets, ohms: logarithmic(1, 2000, random) })
			};
		},
		() => {
			const socket = some(configuration.sockets);
			return socket
				? {
						...base,
						cause: 'corroded-contact',
						socket: socket.id,
						fitted: fault({ kind: 'contact', socket: socket.id, ohms: logarithmic(1, 200, random) })
					}
				: null;
		},
		() => {
			const part = some(loads);
			return part ? { ...base, cause: 'load-missing', channel: part.channel ?? null, fitted: without(part) } : null;
		},
		() => {
			const part = some(loads);
			const beside = configuration.sockets.filter(({ id }) =>
				configuration.channels.find((c) => c.id === part?.channel)?.feeds.some((f) => f.socket === id)
			);
			const near = configuration.channels.filter(
				({ id, feeds }) =>
					id !== part?.channel &&
					feeds.some(({ socket }) => {
						const other = configuration.sockets.find((s) => s.id === socket);
						return beside.some(({ zone, side }) => other?.zone === zone && other.side === side);
					})
			);
			const to = some(near);
			return part && to
				? {
						...base,
						cause: 'load-on-wrong-output',
						channel: part.channel ?? null,
						fitted: without(part, [{ ...part, channel: to.id }])
					}
				: null;
		},
		() => {
			const part = some(loads);
			if (part?.effect?.kind !== 'load') return null;
			const effect = { kind: 'load' as const, ohms: part.effect.ohms * (2 + 3 * random()) };
			return {
				...base,
				cause: 'load-too-weak',
				channel: part.channel ?? null,
				fitted: without(part, [{ ...part, effect }])
			};
		},
		() => {
			const part = some(fitted.parts.filter(({ effect }) => effect?.kind === 'smoothing'));
			return part ? { ...base, cause: 'module-missing', socket: part.socket ?? null, fitted: without(part) } : null;
		},
		() => {
			const part = some(fitted.parts.filter(({ effect }) => effect?.kind === 'steady-flasher'));
			const turn = configuration.channels.find(({ feeds }) => feeds.some((f) => f.function === 'turn'));
			return part && turn ? { ...base, cause: 'old-flasher', channel: turn.id, fitted: without(part) } : null;
		},
		() => {
			const hot = some(
				configuration.channels.filter(
					({ monitor, feeds }) => monitor?.kind === 'hot' && feeds.some((f) => fitted.lamps.has(f.socket))
				)
			);
			if (!hot) return null;
			const stock = Math.max(
				...MODE_IDS.map(
					(mode) => allModes(configuration, STOCK)(mode).channels.find((c) => c.id === hot.id)?.current ?? 0
				)
			);
			const minCurrent = (0.35 + 0.55 * random()) * stock;
			if (minCurrent < 0.55) return null;
			const channels = configuration.channels.map((c) =>
				c.id === hot.id ? { ...c, monitor: { kind: 'hot', minCurrent } } : c
			);
			return {
				...base,
				cause: 'threshold-differs',
				channel: hot.id,
				configuration: { ...configuration, channels } as Configuration
			};
		},
		() => {
			const socket = some(leds.filter((s) => (productIn(s)?.builtInLoad ?? 0) > 0));
			const truth = at('built-in-load-gone', socket, 'load-gone');
			return truth && random() < 0.6 ? { ...truth, fitted, warm: truth.fitted } : truth;
		},
		() => {
			const socket = some(leds);
			const other = products.find(
				({ id, fits }) => fits[0] === socket?.category && id !== (socket && productIn(socket)?.id)
			);
			if (!socket || !other) return null;
			const lamps = new Map(fitted.lamps).set(socket.id, { kind: 'product', product: other });
			return { ...base, cause: 'other-lamp', socket: socket.id, fitted: { ...fitted, lamps } };
		}
	];
	return pick(kinds, random)();
}

const allModes = (configuration: Configuration, fitted: Fitted) => {
	const circuit = vehicleCircuit(configuration, fitted);
	const known = new Map<ModeId, ModeState>();
	return (mode: ModeId): ModeState => {
		const state = known.get(mode) ?? simulate(circuit, MODES[mode]);
		known.set(mode, state);
		return state;
	};
};

/** Somebody who sees what a vehicle really does, solved as a whole. */
export class Witness {
	readonly #look: (mode: ModeId, place: Place, after?: Fitted) => Look;

	constructor(
		private readonly left: LeftFine,
		private readonly truth: Truth
	) {
		const { configuration } = left;
		const [stock, recorded] = [allModes(configuration, STOCK), allModes(configuration, left.fitted)];
		const cold = allModes(truth.configuration, truth.fitted);
		const warm = allModes(truth.configuration, truth.warm ?? truth.fitted);
		this.#look = (mode, place, after) => {
			const changed = after && allModes(truth.configuration, after);
			return {
				configuration,
				mode,
				place,
				does: (other, when) => (changed ?? (when === 'warm' ? warm : cold))(other),
				stock,
				recorded
			};
		};
	}

	#sees(symptom: Symptom, mode: ModeId, place: Place, after?: Fitted): boolean {
		return symptom.shows?.(this.#look(mode, place, after)) === true;
	}

	/** Everything there is to see that would not be there if all were well. */
	all(): Observation[] {
		const { configuration } = this.left;
		const places: Place[] = [
			{ side: 'left' },
			{ side: 'right' },
			...configuration.sockets.map(({ id }) => ({ socket: id }))
		];
		const fine = new Witness(this.left, {
			...this.truth,
			configuration,
			fitted: this.left.fitted,
			warm: this.left.fitted
		});
		return SYMPTOMS.filter(({ shows }) => shows).flatMap((symptom) =>
			MODE_IDS.flatMap((mode): Observation[] => {
				const named = /flash/.test(symptom.id) ? places.slice(0, 2) : symptom.group === 'dash' ? [{}] : places.slice(2);
				return named
					.filter((place) => this.#sees(symptom, mode, place) && !fine.#sees(symptom, mode, place))
					.map((place) => ({ symptom: symptom.id, mode, place, absent: false }));
			})
		);
	}

	/** The answer to a test. */
	answers({ id }: BayTest): boolean {
		const { truth } = this;
		if (id.startsWith('find:')) {
			const [cause, socket, channel] = id.slice(5).split('/');
			const isSame = (a: string | undefined, b: string | null) => (a === '' ? null : a) === b;
			// No voltage comes through a wire whose fuse is blown either.
			if (cause === 'circuit-open' && truth.cause === 'circuit-short') return channel === truth.channel;
			return cause === truth.cause && isSame(socket, truth.socket) && isSame(channel, truth.channel);
		}
		const [kind, mode = 'off', what, where = ''] = id.split(':') as [string, ModeId, string, string];
		const symptom = SYMPTOMS.find((one) => one.id === what) as Symptom;
		if (kind === 'look') {
			const place =
				where === '' ? {} : where === 'left' || where === 'right' ? { side: where as 'left' } : { socket: where };
			return this.#sees(symptom, mode, place);
		}
		const lamps = new Map(truth.fitted.lamps);
		lamps.delete(where);
		const faults = truth.fitted.faults.filter(
			(fault) => !('socket' in fault && fault.socket === where && !['contact', 'earth', 'open'].includes(fault.kind))
		);
		return !this.#sees(symptom, mode, {}, { ...truth.fitted, lamps, faults });
	}
}
