import { describe, expect, it } from 'vitest';
import { judgeIn, makeAccessory, makeConfiguration, makeProduct, makeShop } from '../../../../tests/support/make';
import type { Candidate } from './candidates/candidate';
import type { FindingCode } from './findings/finding';
import type { Shop } from './cases';
import { type Verdict, verdictOf } from './findings/verdict';

type Loose = Record<string, unknown>;

/** Places by name, each with a lamp that fits it. A row below says what differs. */
const PLACES = {
	stop: {
		socket: { zone: 'rear', functions: ['stop'], category: 'P21W', lens: 'red', room: [52, 30] },
		lamp: { fits: ['P21W'], red: 130, watts: 2.6, body: [46, 24] }
	},
	stopTail: {
		socket: {
			zone: 'rear',
			functions: ['stop', 'tail'],
			category: 'W21/5W',
			lens: 'red',
			wiring: 'crossed',
			room: [48, 26]
		},
		lamp: { fits: ['W21/5W'], modes: ['dual'], wiring: 'crossed', red: 130, minor: 14, watts: 2.7, body: [44, 21] }
	},
	turn: {
		socket: { zone: 'front', functions: ['turn'], category: 'PY21W', lens: 'clear', room: [52, 30] },
		lamp: { fits: ['PY21W'], amber: 260, watts: 4.2, body: [46, 24] }
	},
	turnPosition: {
		socket: {
			zone: 'front',
			functions: ['turn', 'front-position'],
			category: '3157A',
			lens: 'clear',
			wiring: 'standard',
			room: [54, 30]
		},
		lamp: {
			fits: ['3157A'],
			modes: ['switchback-a'],
			wiring: 'standard',
			amber: 280,
			minor: 40,
			minorColour: { kind: 'amber', peak: 592 },
			watts: 4.4,
			body: [48, 24]
		}
	},
	position: {
		socket: { zone: 'front', functions: ['front-position'], category: 'W5W', lens: 'clear', room: [30, 14] },
		lamp: { fits: ['W5W'], white: [4300, 60], watts: 0.9, body: [25, 11] }
	},
	repeater: {
		socket: { zone: 'side', functions: ['turn'], category: 'WY5W', lens: 'clear', room: [30, 14] },
		lamp: { fits: ['WY5W'], amber: 36, watts: 0.6, body: [25, 11] }
	},
	reverse: {
		socket: { zone: 'rear', functions: ['reverse'], category: 'W16W', lens: 'clear', room: [40, 19] },
		lamp: { fits: ['W16W'], white: [6000, 300], watts: 3.4, body: [37, 15], cooling: 'fins' }
	},
	dome: {
		socket: { zone: 'cabin', functions: ['dome'], category: 'festoon 36 mm', lens: 'clear', holder: 36 },
		lamp: { fits: ['festoon 36 mm'], white: [4300, 80], watts: 1, body: [undefined, 11], length: 36 }
	},
	low: {
		socket: {
			zone: 'front',
			functions: ['low-beam'],
			category: 'H11',
			lens: 'clear',
			optic: 'projector',
			beam: true,
			room: [46, 19]
		},
		lamp: { fits: ['H11'], white: [5700, 1400], watts: 15, body: [42, 18], beam: true, cooling: 'fan', limit: 130 }
	},
	fog: {
		socket: {
			zone: 'front',
			functions: ['fog'],
			category: 'H11',
			lens: 'clear',
			optic: 'projector',
			beam: true,
			room: [46, 19]
		},
		lamp: { fits: ['H11'], white: [3000, 1200], watts: 13, body: [42, 18], beam: true, cooling: 'fan', limit: 130 }
	}
} satisfies Record<string, { socket: Loose; lamp: Loose }>;

function socketOf({ room, holder, beam, ...rest }: Loose): Loose {
	const [frontLength, frontDiameter] = (room as number[] | undefined) ?? [];
	const envelope = {
		...(frontLength === undefined ? { frontDiameter: 13 } : { frontLength, frontDiameter }),
		...(holder === undefined ? {} : { holderLength: holder }),
		...(beam ? { opening: 20, rearDepth: 60, rearDiameter: 60, entry: 'straight' } : {}),
		...((rest.envelope as object | undefined) ?? {})
	};
	const beamFacts = beam ? { cap: { kind: 'none' }, keyAngle: 0, retention: 'twist' } : {};
	return { id: 'place', side: 'left', index: 1, optic: 'lens-only', ...beamFacts, ...rest, envelope };
}

function lampOf({ red, amber, white, body, length, watts, minor, beam, ...rest }: Loose): Loose {
	const [frontLength, frontDiameter] = (body as (number | undefined)[]) ?? [];
	const [cct, lumens] = (white as number[] | undefined) ?? [];
	const colour = white ? { kind: 'white', cct } : red ? { kind: 'red', peak: 631 } : { kind: 'amber', peak: 592 };
	const rear = beam ? { lightCentre: 25, rearLength: 44, rearDiameter: 42 } : {};
	const beamFacts = beam
		? { emission: 'sided', collar: 'fixed', emitterAngle: 90, driver: { where: 'none' } }
		: { emission: 'all-round' };
	return {
		modes: ['single'],
		colour,
		flux: { claimed: red ?? amber ?? lumens, per: 'lamp', ...(minor === undefined ? {} : { minor }) },
		power: { at13v5: watts, ...(minor === undefined ? {} : { minor: 0.4 }) },
		size: { frontLength, frontDiameter, ...(length === undefined ? {} : { length }), ...rear },
		cooling: 'none',
		limit: 115,
		...beamFacts,
		...rest
	};
}

/** Differences of one row: of the place, of the lamp, of the vehicle, of the shop. */
interface Row {
	at: keyof typeof PLACES;
	socket?: Loose;
	lamp?: Loose;
	/** A channel that feeds the place. */
	channel?: Loose;
	vehicle?: Loose;
	shop?: Shop;
}

function judge({ at, socket = {}, lamp = {}, channel, vehicle = {}, shop }: Row): Candidate {
	const place = PLACES[at];
	const own = socketOf({ ...(place.socket as Loose), ...socket });
	const feeds = (own.functions as string[]).map((fn) => ({ socket: 'place', function: fn }));
	const channels = channel
		? [{ id: 'ch', feeds, feed: { kind: 'steady' }, monitor: { kind: 'none' }, ...channel }]
		: [];
	return judgeIn(
		makeConfiguration([own], { ...vehicle, channels }),
		makeProduct(lampOf({ ...(place.lamp as Loose), ...lamp })),
		shop
	);
}

/** The first finding at the worst level: what the verdict rests on. */
function deciding({ findings, verdict }: Candidate): FindingCode | undefined {
	return findings.find((f) => verdictOf([f]) === verdict)?.code;
}

const withParts = (...accessories: Loose[]) =>
	makeShop(
		{},
		accessories.map((a) => makeAccessory(a as { id: string }))
	);
const size = (more: Loose) => ({
	size: { frontLength: 42, frontDiameter: 18, lightCentre: 25, rearLength: 44, rearDiameter: 42, ...more }
});
const box = (more: Loose) => ({ envelope: more });
const MEASURED = [{ fact: 'power', source: 'in-hand', on: '2026-03-02', by: 'N. Aske' }];
const sealed = { cap: { kind: 'stock-sealed' } };
const RING = { id: 'ring', kind: 'ring', fits: { categories: ['H11'] } };
const CAP = { id: 'cap', kind: 'cap', extraDepth: 25 };
const hot = (minCurrent?: number) => ({
	monitor: { kind: 'hot', ...(minCurrent === undefined ? {} : { minCurrent }) }
});

/** Worked fitments: what is put where, the verdict it must get, and the code that decides it. */
const TABLE: [note: string, row: Row, verdict: Verdict, code: FindingCode][] = [
	// Base
	['the lamp of the category', { at: 'stop' }, 'fits', 'base.same'],
	['clear-glass bayonet in an offset-pin socket', { at: 'turn', lamp: { fits: ['1156'] } }, 'refused', 'base.no-fit'],
	['offset-pin lamp in a straight-pin socket', { at: 'stop', lamp: { fits: ['PY21W'] } }, 'refused', 'base.no-fit'],
	[
		'one contact in a two-contact bayonet',
		{ at: 'stop', socket: { category: 'P21/5W', functions: ['stop', 'tail'] } },
		'refused',
		'base.no-fit'
	],
	[
		'P21/4W pins in a P21/5W socket',
		{ at: 'stop', socket: { category: 'P21/5W' }, lamp: { fits: ['P21/4W'] } },
		'refused',
		'base.no-fit'
	],
	['SAE 1156 in a P21W socket', { at: 'stop', lamp: { fits: ['1156'] } }, 'fits', 'base.other-electrics'],
	['another cap altogether', { at: 'stop', lamp: { fits: ['H7'] } }, 'refused', 'base.cap'],
	[
		'small wedge glass in a large wedge glass socket',
		{ at: 'reverse', lamp: { fits: ['W5W'] } },
		'refused',
		'base.wrong'
	],
	[
		'large wedge glass in a small wedge glass socket',
		{ at: 'position', lamp: { fits: ['W16W'] } },
		'refused',
		'base.wrong'
	],
	['HB4 in an HB3 unit', { at: 'low', socket: { category: 'HB3' }, lamp: { fits: ['HB4'] } }, 'refused', 'base.no-fit'],
	[
		'HB3 in an HB4 unit only after trimming',
		{ at: 'low', socket: { category: 'HB4' }, lamp: { fits: ['HB3'] } },
		'refused',
		'base.trim'
	],
	['H8 LED in an H11 unit, no ring on sale', { at: 'low', lamp: { fits: ['H8'] } }, 'unknown', 'base.check-ring'],
	[
		'H8 LED in an H11 unit, its ring on sale',
		{ at: 'low', lamp: { fits: ['H8'] }, shop: withParts(RING) },
		'parts',
		'base.ring'
	],
	[
		'H7 LED wants the holder adapter of the housing',
		{ at: 'low', socket: { category: 'H7' }, lamp: { fits: ['H7'] } },
		'parts',
		'base.holder'
	],
	[
		'one contact pair in a twin-contact wedge',
		{ at: 'stopTail', socket: { category: '7443' }, lamp: { fits: ['7440'] } },
		'refused',
		'base.wrong'
	],
	[
		'amber LED where the filament lamp was amber glass',
		{ at: 'repeater', lamp: { fits: ['W5W'] } },
		'fits',
		'base.glass-only'
	],
	[
		'one mode where the socket serves two',
		{ at: 'stopTail', lamp: { modes: ['single'] } },
		'refused',
		'base.functions.lost'
	],
	['two modes where the socket serves one', { at: 'stop', lamp: { modes: ['dual'] } }, 'fits', 'base.functions.enough'],
	['modes not given', { at: 'stop', lamp: { modes: undefined } }, 'unknown', 'base.functions.unknown'],
	[
		'switchback in a socket for turn alone',
		{ at: 'turn', lamp: { modes: ['switchback-a'], minorColour: { kind: 'white', cct: 6000 } } },
		'refused',
		'base.functions.switchback'
	],
	['twin contacts, both crossed', { at: 'stopTail' }, 'fits', 'base.wiring.same'],
	[
		'twin contacts, wired the other way: a short',
		{ at: 'stopTail', lamp: { wiring: 'standard' } },
		'refused',
		'base.wiring.differs'
	],
	['twin contacts, lamp takes either', { at: 'stopTail', lamp: { wiring: 'both' } }, 'fits', 'base.wiring.both'],
	[
		'twin contacts, lamp does not say',
		{ at: 'stopTail', lamp: { wiring: undefined } },
		'unknown',
		'base.wiring.unknown'
	],
	[
		'twin contacts, socket not metered',
		{ at: 'stopTail', socket: { wiring: undefined } },
		'unknown',
		'base.wiring.unknown'
	],
	[
		'category of low confidence',
		{ at: 'position', socket: { category: 'W1.2W' }, lamp: { fits: ['W1.2W'] } },
		'unknown',
		'base.category-doubtful'
	],
	// Festoons, by length
	['festoon 1 mm over', { at: 'dome', lamp: { length: 37 } }, 'fits', 'base.festoon.seats'],
	['festoon 2 mm under', { at: 'dome', lamp: { length: 34 } }, 'fits', 'base.festoon.seats'],
	['festoon 2 mm over, sprung arms', { at: 'dome', lamp: { length: 38 } }, 'unknown', 'base.festoon.bent'],
	[
		'festoon 2.5 mm over, a holder that does not give',
		{ at: 'dome', socket: { retention: 'push' }, lamp: { length: 38.5 } },
		'refused',
		'base.festoon.too-long'
	],
	['festoon 3 mm under', { at: 'dome', lamp: { length: 33 } }, 'unknown', 'base.festoon.strained'],
	['festoon 5 mm over', { at: 'dome', lamp: { length: 41 } }, 'refused', 'base.festoon.too-long'],
	['festoon 5 mm under', { at: 'dome', lamp: { length: 31 } }, 'refused', 'base.festoon.too-short'],
	[
		'C5W, a name sold in many lengths, holder not measured',
		{ at: 'dome', socket: { category: 'C5W', holder: undefined } },
		'unknown',
		'base.festoon.unknown'
	],
	// Size
	['body longer than the room in front', { at: 'stop', lamp: { body: [58, 24] } }, 'refused', 'size.front.hits'],
	['front too thick for the hole', { at: 'low', socket: box({ opening: 17 }) }, 'refused', 'size.front.hits'],
	[
		'room not measured, 46 mm for the 52.5 mm of a P21W',
		{ at: 'stop', socket: { room: undefined, envelope: { frontDiameter: 30 } } },
		'fits',
		'size.front.no-bigger'
	],
	[
		'room not measured, longer than the P21W it replaces',
		{ at: 'stop', socket: { room: undefined, envelope: { frontDiameter: 30 } }, lamp: { body: [54, 24] } },
		'unknown',
		'size.front.unknown'
	],
	[
		'a twist holder takes its lamp through the hole: 24 mm through 22',
		{ at: 'stop', socket: { retention: 'twist', envelope: { opening: 22 } } },
		'refused',
		'size.front.hits'
	],
	[
		'shines from its end alone in a projector',
		{ at: 'low', lamp: { emission: 'end' } },
		'refused',
		'size.emission.end-in-beam'
	],
	[
		'shines from its end alone in a bowl',
		{ at: 'stop', socket: { optic: 'reflector' }, lamp: { emission: 'end' } },
		'unknown',
		'size.emission.end-in-bowl'
	],
	[
		'a box on the lead of a bayonet lamp, sealed housing',
		{
			at: 'stop',
			socket: { cap: { kind: 'stock-sealed' }, envelope: { rearDepth: 20, rearDiameter: 30 } },
			lamp: { driver: { where: 'inline', size: [50, 20, 12] } }
		},
		'parts',
		'size.driver.port'
	],
	[
		'a plate lamp without a lens',
		{ at: 'position', socket: { lens: 'none' }, lamp: { ip: 'IP20' } },
		'refused',
		'size.wet.drowns'
	],
	[
		'the same, of which nobody says',
		{ at: 'position', socket: { lens: 'none' }, lamp: { ip: undefined } },
		'unknown',
		'size.wet.unknown'
	],
	['the same, sealed', { at: 'position', socket: { lens: 'none' }, lamp: { ip: 'IP67' } }, 'fits', 'size.wet.stands'],
	['a fan behind an open back', { at: 'low', lamp: { ip: 'IP44' } }, 'unknown', 'size.wet.unknown'],
	[
		'24 V lorry, a lamp for 9 to 16 V',
		{ at: 'stop', vehicle: { kind: 'lorry', voltage: 24 }, lamp: { volts: [9, 16] } },
		'refused',
		'electrics.range-outside'
	],
	[
		'24 V lorry, a lamp for 10 to 30 V',
		{ at: 'stop', vehicle: { kind: 'lorry', voltage: 24 }, lamp: { volts: [10, 30] } },
		'fits',
		'electrics.range-inside'
	],
	['a trailer nobody looked at', { at: 'stop', vehicle: { kind: 'trailer' } }, 'unknown', 'electrics.supply-unknown'],
	['lights from 13 V', { at: 'stop', lamp: { turnOn: 13 } }, 'refused', 'electrics.dark'],
	[
		'draws more than the stock lamp, no fuse on record: 65 W / 12.6 V = 5.2 A for 1.8',
		{ at: 'stop', lamp: { watts: 65, limit: 390 } },
		'unknown',
		'electrics.draws-more'
	],
	[
		'44 mm body and 10 mm of air in 50 mm, deeper cap on sale',
		{ at: 'low', socket: box({ rearDepth: 50 }), shop: withParts(CAP) },
		'parts',
		'size.rear.cap'
	],
	['the same with no cap on sale', { at: 'low', socket: box({ rearDepth: 50 }) }, 'refused', 'size.rear.hits'],
	['rear body too thick', { at: 'low', lamp: size({ rearDiameter: 64 }) }, 'refused', 'size.rear.hits'],
	['light centre 1.5 mm off', { at: 'low', lamp: size({ lightCentre: 26.5 }) }, 'unknown', 'size.focus.doubtful'],
	['light centre 4 mm off', { at: 'low', lamp: size({ lightCentre: 29 }) }, 'refused', 'size.focus.lost'],
	[
		'long lamp behind an offset opening',
		{ at: 'low', socket: box({ entry: 'offset' }) },
		'unknown',
		'size.entry.offset'
	],
	[
		'short lamp behind an offset opening',
		{ at: 'low', socket: box({ entry: 'offset', rearDepth: 90 }) },
		'fits',
		'size.entry.turns'
	],
	[
		'locking ring, collar part of the lamp',
		{ at: 'low', socket: { retention: 'ring' } },
		'refused',
		'size.held.ring-stuck'
	],
	[
		'locking ring, collar comes off',
		{ at: 'low', socket: { retention: 'ring' }, lamp: { collar: 'removable' } },
		'fits',
		'size.held.ring-first'
	],
	[
		'nobody looked how the lamp is held',
		{ at: 'low', socket: { retention: undefined } },
		'unknown',
		'size.held.unknown'
	],
	[
		'driver lies beside the body: hypot(21 + 8, 10) = 30.7 mm of 32',
		{
			at: 'low',
			socket: { ...sealed, ...box({ rearDiameter: 64, rearDepth: 60 }) },
			lamp: { driver: { where: 'inline', size: [50, 20, 8] }, limit: 140 }
		},
		'fits',
		'size.driver.inside'
	],
	[
		'driver too thick for the gap and too long behind',
		{ at: 'low', socket: sealed, lamp: { driver: { where: 'inline', size: [50, 30, 14] } } },
		'parts',
		'size.driver.port'
	],
	['nothing said of a driver', { at: 'low', lamp: { driver: undefined } }, 'unknown', 'size.driver.untold'],
	// Clocking: key when locked + emitters to key, against 3 and 9 o'clock
	['emitters 4 degrees off', { at: 'low', socket: { keyAngle: 4 } }, 'fits', 'size.clock.right'],
	['half a turn less 5 is 5 degrees off', { at: 'low', socket: { keyAngle: 175 } }, 'fits', 'size.clock.right'],
	['8 degrees off, fixed collar', { at: 'low', socket: { keyAngle: 8 } }, 'unknown', 'size.clock.near'],
	[
		'30 degrees off, collar turns',
		{ at: 'low', socket: { keyAngle: 30 }, lamp: { collar: 'adjustable' } },
		'parts',
		'size.clock.turn'
	],
	['30 degrees off, fixed collar', { at: 'low', socket: { keyAngle: 30 } }, 'refused', 'size.clock.wrong'],
	['emitters upright, fixed collar', { at: 'low', lamp: { emitterAngle: 0 } }, 'refused', 'size.clock.wrong'],
	[
		'key never looked at, fixed collar',
		{ at: 'low', socket: { keyAngle: undefined } },
		'unknown',
		'size.clock.unknown'
	],
	// Colour
	['amber behind red is never red', { at: 'stop', lamp: { red: undefined, amber: 260 } }, 'refused', 'colour.outside'],
	[
		'6000 K behind red loses nine tenths of its light',
		{ at: 'stop', lamp: { red: undefined, white: [6000, 480] } },
		'refused',
		'colour.light.lost'
	],
	[
		'seven watts of it give enough, as long as the lens is deep red',
		{ at: 'stop', lamp: { red: undefined, white: [6000, 700], watts: 7, cooling: 'fan' } },
		'unknown',
		'colour.leans-on-lens'
	],
	[
		'white behind a red lens that has faded',
		{ at: 'stop', socket: { lens: 'red-faded' }, lamp: { red: undefined, white: [6000, 1500] } },
		'refused',
		'colour.outside'
	],
	['red behind a red lens that has faded', { at: 'stop', socket: { lens: 'red-faded' } }, 'fits', 'colour.inside'],
	[
		'white in a clear turn lamp that had amber glass',
		{ at: 'repeater', lamp: { fits: ['W5W'], amber: undefined, white: [6000, 60] } },
		'refused',
		'colour.outside'
	],
	['red turn at the rear, UN', { at: 'stop', socket: { functions: ['turn'] } }, 'refused', 'colour.outside'],
	[
		'red turn at the rear, US',
		{ at: 'stop', socket: { functions: ['turn'] }, vehicle: { market: 'US' } },
		'fits',
		'colour.inside'
	],
	[
		'amber front position, UN car',
		{ at: 'position', lamp: { white: undefined, amber: 40 } },
		'refused',
		'colour.outside'
	],
	[
		'amber front position, UN motorcycle',
		{ at: 'position', lamp: { white: undefined, amber: 40 }, vehicle: { kind: 'motorcycle' } },
		'fits',
		'colour.inside'
	],
	[
		'amber front position, US',
		{ at: 'position', lamp: { white: undefined, amber: 40 }, vehicle: { market: 'US' } },
		'fits',
		'colour.inside'
	],
	[
		'selective yellow fog lamp',
		{
			at: 'fog',
			lamp: { white: undefined, colour: { kind: 'selective-yellow' }, flux: { claimed: 1100, per: 'lamp' } }
		},
		'fits',
		'colour.inside'
	],
	['8000 K fog lamp', { at: 'fog', lamp: { white: [8000, 1200] } }, 'refused', 'colour.outside'],
	[
		'6600 K position lamp: white by the boundary, too blue to see by',
		{ at: 'position', lamp: { white: [6600, 60] } },
		'refused',
		'colour.too-cool'
	],
	[
		'amber LED in a smoked turn lamp loses nothing against the filament lamp',
		{ at: 'turn', socket: { lens: 'smoked' } },
		'fits',
		'colour.light.enough'
	],
	['a lens nobody has measured', { at: 'stop', socket: { lens: 'violet' } }, 'unknown', 'colour.lens-unknown'],
	['a third of the light', { at: 'position', lamp: { white: [4300, 16] } }, 'refused', 'colour.light.lost'],
	[
		'four times the light',
		{ at: 'position', lamp: { white: [4300, 210], watts: 2.4, cooling: 'fan' } },
		'unknown',
		'colour.light.glare'
	],
	[
		'claim per pair is half a lamp',
		{ at: 'position', lamp: { flux: { claimed: 60, per: 'pair' } } },
		'unknown',
		'colour.light.doubtful'
	],
	['tail a fifth of the filament', { at: 'stopTail', lamp: { minor: 1 } }, 'refused', 'colour.dim.lost'],
	['tail as bright as stop', { at: 'stopTail', lamp: { minor: 60 } }, 'unknown', 'colour.dim.contrast'],
	// Electrics
	['0.19 A where the monitor wants 1.0', { at: 'stop', channel: hot(1) }, 'parts', 'electrics.hot'],
	[
		'12 W of built-in load: (2.6 + 12) / 13.5 = 1.08 A',
		{ at: 'stop', channel: hot(1), lamp: { builtInLoad: 12, cooling: 'fan', limit: 180 } },
		'fits',
		'electrics.content'
	],
	['monitored, threshold not written down', { at: 'stop', channel: hot() }, 'unknown', 'electrics.monitor-unknown'],
	[
		'cold check sees an LED as open',
		{ at: 'stop', channel: { monitor: { kind: 'cold', maxOhm: 80 } } },
		'parts',
		'electrics.cold'
	],
	[
		'flasher counts too little',
		{ at: 'turn', channel: { monitor: { kind: 'flasher', minCurrent: 1.2 } } },
		'parts',
		'electrics.flasher'
	],
	[
		'pulsed at 88 % to spare a filament',
		{ at: 'low', channel: { feed: { kind: 'pwm', frequency: 100, duty: { 'low-beam': 0.88 } } } },
		'parts',
		'electrics.pwm'
	],
	[
		'pulsed at 20 % to dim',
		{ at: 'position', channel: { feed: { kind: 'pwm', frequency: 200, duty: { 'front-position': 0.2 } } } },
		'unknown',
		'electrics.pwm-meaning'
	],
	[
		'power not given',
		{ at: 'stop', channel: hot(1), lamp: { power: undefined } },
		'unknown',
		'electrics.power-unknown'
	],
	// Heat: T_amb + P x duty x R_th x cap
	[
		'25 + 4.4 x 18 = 104 to 45 + 4.4 x 35 = 199 C in a wedge with a load, limit 115',
		{ at: 'repeater', socket: { functions: ['side-marker'] }, lamp: { builtInLoad: 3.8 } },
		'unknown',
		'heat.near'
	],
	[
		'the same with 5 W of load and a limit of 85 C: 126 C at the least, its power measured',
		{ at: 'repeater', socket: { functions: ['side-marker'] }, lamp: { builtInLoad: 5, limit: 85, evidence: MEASURED } },
		'refused',
		'heat.hot'
	],
	[
		'the lamp with 3.8 W flashing: 45 + 4.4 x 0.501 x 35 = 122 C of 150',
		{ at: 'repeater', lamp: { builtInLoad: 3.8, limit: 150 } },
		'fits',
		'heat.cool'
	],
	[
		'50 + 4.2 x 16 = 117 C of 115: only a thermometer tells',
		{ at: 'stop', lamp: { watts: 4.2 } },
		'unknown',
		'heat.near'
	],
	[
		'65 + 16 x 3 x 1.6 = 142 C of 130 sealed, 127 under an extended cap',
		{ at: 'low', socket: sealed, lamp: { watts: 16, limit: 130 }, shop: withParts(CAP) },
		'parts',
		'heat.cap'
	],
	[
		'limit not given: 50 + 2.6 x 16 = 92 C of the 85 every LED bears',
		{ at: 'stop', lamp: { limit: undefined } },
		'unknown',
		'heat.near'
	],
	// Law and policy
	[
		'LED low beam, signals and cabin only',
		{ at: 'low', shop: makeShop({ headlamps: 'signals-only' }) },
		'refused',
		'law.policy.signals-only'
	],
	[
		'LED low beam in a reflector, projectors only',
		{ at: 'low', socket: { optic: 'reflector' } },
		'refused',
		'law.policy.reflector'
	],
	[
		'LED low beam, beam check not on record',
		{ at: 'low', shop: makeShop({ headlamps: 'proved' }) },
		'unknown',
		'law.policy.unproved'
	],
	[
		'the same under a signed exception',
		{
			at: 'low',
			shop: {
				...makeShop({ headlamps: 'signals-only' }),
				exception: { by: 'A. Person', on: '2026-11-01', words: 'off-road' }
			}
		},
		'unknown',
		'law.policy.exception'
	],
	[
		"a market's own policy wins over the shop's",
		{
			at: 'low',
			vehicle: { market: 'US' },
			shop: makeShop({ headlamps: 'projectors', markets: { US: 'signals-only' } })
		},
		'refused',
		'law.policy.signals-only'
	],
	['optic not looked at', { at: 'low', socket: { optic: undefined } }, 'unknown', 'law.optic-unknown'],
	[
		'switchback that alternates white and amber',
		{ at: 'turnPosition', lamp: { modes: ['switchback-b'] }, vehicle: { market: 'US' } },
		'refused',
		'law.switchback-b'
	],
	[
		'switchback whose white goes off, amber position, US',
		{ at: 'turnPosition', vehicle: { market: 'US' } },
		'fits',
		'colour.inside'
	],
	[
		'switchback with a white position, UN car',
		{ at: 'turnPosition', lamp: { minorColour: { kind: 'white', cct: 5000 } } },
		'fits',
		'colour.inside'
	],
	['a market without rules', { at: 'stop', vehicle: { market: 'XX' } }, 'unknown', 'colour.no-rules']
];

describe('worked fitments', () => {
	it('are sixty or more', () => expect(TABLE.length).toBeGreaterThanOrEqual(60));

	it.each(TABLE)('%s', (_, row, verdict, code) => {
		const candidate = judge(row);
		const said = candidate.findings.map((f) => `${f.level} ${f.code}`).join('; ');
		expect(candidate.verdict, said).toBe(verdict);
		if (verdict === 'fits') expect(said).toContain(`pass ${code}`);
		else expect(deciding(candidate), said).toBe(code);
	});
});
