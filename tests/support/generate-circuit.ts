import { readDocument } from '../../src/lib/core/exchange';
import type { Fault, Fitted, FittedLamp } from '../../src/lib/core/circuit';
import type { Accessory, Configuration, Product } from '../../src/lib/core/model';
import { fittedPart } from '../../src/lib/core/accessories';

type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)] as T;

/** What each kind of corner may be, by category and functions. */
const PLACES = [
	['front', ['turn'], 'PY21W'],
	['front', ['turn', 'front-position'], '3157'],
	['side', ['turn'], 'WY5W'],
	['front', ['low-beam'], 'H7'],
	['front', ['low-beam', 'high-beam'], 'H4'],
	['front', ['front-position'], 'W5W'],
	['rear', ['turn'], 'PY21W'],
	['rear', ['stop', 'tail'], 'P21/5W'],
	['rear', ['stop', 'tail'], 'P21W'],
	['rear', ['turn', 'stop', 'tail'], '3157'],
	['rear', ['reverse'], 'W16W'],
	['rear', ['licence-plate'], 'C5W']
] as const;

/** A vehicle with lamps, parts and faults made up from a seed, and a supply. */
export function generateCircuit(random: Random): { configuration: Configuration; fitted: Fitted; volts: number } {
	const places = PLACES.filter(() => random() < 0.6);
	const sockets = (places.length > 0 ? places : PLACES.slice(0, 2)).flatMap(([zone, functions, category], i) =>
		(['left', 'right'] as const).map((side) => ({
			id: `${i}${side[0]}`,
			zone,
			side,
			functions,
			category,
			lens: 'clear'
		}))
	);
	const pairs = sockets.flatMap((s) => s.functions.map((fn) => ({ socket: s.id, function: fn, side: s.side })));
	/** Outputs by function and side; now and then both sides on one wire, or stop and turn of one side on one. */
	const shared = random() < 0.3;
	const key = ({ function: fn, side }: (typeof pairs)[number]) => {
		if (fn === 'turn' || (shared && fn === 'stop')) return `turn-${side}`;
		return random() < 0.5 ? fn : `${fn}-${side}`;
	};
	const outputs = new Map<string, { socket: string; function: string }[]>();
	for (const pair of pairs) {
		const id = key(pair);
		outputs.set(id, [...(outputs.get(id) ?? []), { socket: pair.socket, function: pair.function }]);
	}
	const led = (id: string) => ({
		id,
		maker: 'Maker',
		name: id,
		kind: 'led',
		fits: ['P21W'],
		modes: ['dual'],
		power: { at13v5: 0.5 + 6 * random(), minor: 0.2 + random() },
		turnOn: pick([7, 8.5, 9.5], random),
		polarity: pick(['free', 'sensitive'], random),
		builtInLoad: random() < 0.4 ? 2 + 18 * random() : 0,
		wiring: 'both'
	});
	const read = readDocument({
		format: 'rotalux/1',
		configurations: [
			{
				id: 'made',
				make: 'Made',
				model: 'Up',
				kind: 'car',
				market: 'US',
				sockets,
				channels: [...outputs].map(([id, feeds]) => ({
					id,
					feeds,
					feed: { kind: 'steady' },
					monitor: { kind: 'none' }
				}))
			}
		],
		products: Array.from({ length: 6 }, (_, i) => led(`L${i}`)),
		accessories: [6, 12, 39].map((resistance) => ({
			id: `R${resistance}`,
			kind: 'resistor',
			scope: 'channel',
			resistance,
			rating: 50,
			packs: []
		}))
	});
	if (!read.ok) throw new Error(JSON.stringify(read.error.slice(0, 3)));
	const { configurations, products, accessories } = read.value;
	const configuration = configurations[0] as Configuration;
	const lamps = new Map<string, FittedLamp>();
	for (const { id } of sockets) {
		const dice = random();
		if (dice < 0.55) lamps.set(id, { kind: 'product', product: pick<Product>(products, random) });
		else if (dice < 0.6) lamps.set(id, { kind: 'out' });
	}
	const parts = configuration.channels.flatMap(({ id }) =>
		random() < 0.25 ? [fittedPart(pick<Accessory>(accessories, random), configuration, { channel: id })] : []
	);
	const faults: Fault[] =
		random() < 0.5
			? []
			: sockets.flatMap(({ id: socket }): Fault[] => {
					const dice = random();
					if (dice < 0.15) return [{ kind: 'contact', socket, ohms: pick([0.3, 2, 10], random) }];
					if (dice < 0.35) return [{ kind: 'earth', socket, ohms: pick([0.5, 3, 12, 5000], random) }];
					if (dice < 0.45) return [{ kind: 'reversed', socket }];
					return dice < 0.5 ? [{ kind: 'load-gone', socket }] : [];
				});
	return { configuration, fitted: { lamps, parts, faults }, volts: pick([12.6, 13.5, 14.4], random) };
}
