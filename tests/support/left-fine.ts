import { fittedPart } from '../../src/lib/core/accessories';
import {
	MODE_IDS,
	MODES,
	simulate,
	vehicleCircuit,
	type Fitted,
	type FittedLamp,
	type FittedPart
} from '../../src/lib/core/circuit';
import { readDocument } from '../../src/lib/core/exchange';
import type { Accessory, Configuration, Product } from '../../src/lib/core/model';
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
