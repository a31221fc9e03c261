import type { Configuration } from '../../src/lib/core/model';
import { randomFrom } from '../../tests/support/random';
import { DESIGNS, drawHolder, type Holder } from './designs';
import { chance, invented, pick, type Random } from './random';

type Loose = Record<string, unknown>;
type Market = 'UN' | 'US';

/** What a make's electrics are like in one era: how it watches its lamps. */
interface Electrics {
	monitored: 'none' | 'hot' | 'unrecorded';
	flasher: Loose;
	looks: Loose | undefined;
}

function drawElectrics(random: Random): Electrics {
	const monitored = pick(['none', 'none', 'none', 'hot', 'hot', 'unrecorded'] as const, random);
	return {
		monitored,
		flasher: chance(0.5, random)
			? { kind: 'body-computer', thresholdCurrent: pick([0.9, 1.1, 1.3], random) }
			: { kind: 'plug-in', pins: pick([2, 3], random) },
		looks:
			monitored === 'unrecorded' && chance(0.9, random)
				? {
						lampOutMessage: pick(['none', 'none', 'none', 'some', 'all'], random),
						headlampFeed: pick(['steady', 'steady', 'steady', 'pulsed'], random)
					}
				: undefined
	};
}

/** The lamps of one phase of a model, between two redesigns. */
type Phase = readonly Holder[];

const drawPhase = (market: Market, random: Random): Phase =>
	DESIGNS.filter(({ share }) => chance(share, random)).map((design) => drawHolder(design, market, random));

/** A later phase: some units redrawn, the others carried over. */
const redraw = (phase: Phase, market: Market, random: Random): Phase =>
	phase.map((holder) => (chance(0.3, random) ? drawHolder(holder.design, market, random) : holder));

/** How well somebody walked round: with a calliper, or with a lamp in the hand. */
function measured({ room }: Holder, random: Random, noise: number): Loose {
	const off = () => Math.round((random() - 0.5) * 2 * noise);
	return {
		...room,
		frontLength: room.frontLength + off(),
		frontDiameter: room.frontDiameter + off(),
		...(room.rearDepth === undefined ? {} : { rearDepth: room.rearDepth + off() })
	};
}

function socketsOf(
	phase: Phase,
	{ random, walked, noise }: { random: Random; walked: boolean; noise: number }
): Loose[] {
	return phase.flatMap((holder) => {
		const { design, category, lens, optic, keyAngle } = holder;
		const beam = optic !== undefined && design.zone === 'front';
		const envelope = walked ? measured(holder, random, noise) : undefined;
		const two = design.functions.length > 1 && /W21|3157|7443/.test(category);
		return (design.paired ? (['left', 'right'] as const) : (['centre'] as const)).map((at) => ({
			id: `${design.zone}-${design.functions.join('+')}-${at}`,
			zone: design.zone,
			side: at,
			index: 1,
			functions: design.functions,
			category,
			state: 'filament',
			lens,
			...(optic ? { optic } : {}),
			...(two && walked ? { wiring: 'standard' } : {}),
			...(envelope ? { envelope: { ...envelope, entry: 'straight' } } : {}),
			...(beam && walked
				? {
						cap: { kind: 'stock-sealed', depth: 18 },
						retention: 'spring-clip',
						keyAngle: at === 'left' ? keyAngle : -keyAngle || 0
					}
				: {})
		}));
	});
}

const WANTS_A: Record<string, number> = { stop: 1.1, tail: 0.25, turn: 1.1, reverse: 1, 'licence-plate': 0.2 };

function channelsOf(sockets: readonly Loose[], { monitored }: Electrics): Loose[] {
	if (monitored === 'unrecorded') return [];
	return sockets.flatMap(({ id, zone, functions }) =>
		(functions as string[]).map((fn) => ({
			id: `${id as string} ${fn}`,
			feeds: [{ socket: id, function: fn }],
			feed: { kind: 'steady' },
			fuse: 10,
			monitor:
				monitored === 'hot' && zone !== 'cabin' && WANTS_A[fn] !== undefined
					? { kind: fn === 'turn' ? 'flasher' : 'hot', ...(fn === 'turn' ? {} : { minCurrent: WANTS_A[fn] }) }
					: { kind: 'none' }
		}))
	);
}

/** Some records have two sources for one fact that nobody has settled. */
function disputed(sockets: Loose[], random: Random): Loose[] {
	const at = Math.floor(random() * sockets.length);
	return sockets.map((socket, i) =>
		i === at
			? {
					...socket,
					evidence: [
						{ fact: 'category', value: socket.category, source: 'manual' },
						{ fact: 'category', value: 'W5W', source: 'listing' }
					]
				}
			: socket
	);
}

const BODIES = ['hatchback', 'estate', 'saloon', 'van'];
const YEARS = 3;

/**
 * A large made-up fleet as life makes them: makes with their electrics, models in generations with a facelift, bodies and markets that share
 * lamp units, year after year; most sisters copied from one walk, some walked again with another calliper, some hardly walked at all.
 * @returns configurations, as many as asked for
 */
export function generateFleet(count: number, seed = 31): Configuration[] {
	const random = randomFrom(seed);
	const fleet: Loose[] = [];
	while (fleet.length < count) {
		const make = invented(random);
		const eras = Array.from({ length: 3 }, () => drawElectrics(random));
		for (let model = 0; model < 6 && fleet.length < count; model++) fleet.push(...generateModel(make, eras, random));
	}
	return fleet.slice(0, count).map((c, i) => ({ ...c, id: `f${i}` })) as unknown as Configuration[];
}

function generateModel(make: string, eras: readonly Electrics[], random: Random): Loose[] {
	const name = invented(random);
	return eras.flatMap((electrics, generation) =>
		(['UN', 'US'] as const).flatMap((market) => {
			const first = drawPhase(market, random);
			return [first, redraw(first, market, random)].flatMap((phase, facelift) => {
				const walked = chance(0.75, random);
				const sockets = socketsOf(phase, { random, walked, noise: 0 });
				const from = 1998 + 8 * generation + 4 * facelift;
				return BODIES.slice(0, 1 + Math.floor(random() * BODIES.length)).flatMap((body) =>
					Array.from({ length: YEARS }, (_, year) => {
						const again = chance(0.1, random) ? socketsOf(phase, { random, walked, noise: 1 }) : sockets;
						return {
							make,
							model: name,
							generation: 'I'.repeat(generation + 1),
							years: [from + year, from + year],
							body,
							kind: body === 'van' ? 'van' : 'car',
							market,
							sockets: chance(0.04, random) ? disputed(again, random) : again,
							channels: channelsOf(again, electrics),
							flasher: electrics.flasher,
							...(electrics.looks ? { looks: electrics.looks } : {})
						};
					})
				);
			});
		})
	);
}
