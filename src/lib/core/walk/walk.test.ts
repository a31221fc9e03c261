import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { FUNCTION_IDS, lampFunction } from '../lamps';
import {
	addLine,
	completions,
	copyFromSister,
	draftOf,
	expectedPlaces,
	markAbsent,
	mirrorAll,
	missingOf,
	placeKeyText,
	readWalkLine,
	sisterOffers,
	type WalkContext
} from '.';

const CAR: WalkContext = { kind: 'car', market: 'UN', sockets: [] };
const read = (line: string, more: Partial<WalkContext> = {}) => readWalkLine(line, { ...CAR, ...more });
const DAY = { on: '2026-11-25', by: 'A. Person' };

describe('what a walk-line is read to say', () => {
	it.each([
		['low h7 proj clear', { functions: ['low-beam'], zone: 'front', sides: ['left', 'right'] }],
		['clear H7 projector low', { functions: ['low-beam'], zone: 'front', sides: ['left', 'right'] }],
		['dipped beam, h7', { functions: ['low-beam'] }],
		['dims h7', { functions: ['low-beam'] }],
		['parking w5w', { functions: ['front-position'], zone: 'front' }],
		['city light w5w', { functions: ['front-position'] }],
		['boot festoon 39', { functions: ['luggage'], zone: 'luggage', sides: ['centre'] }],
		['trunk c5w', { functions: ['luggage'] }],
		['repeater wy5w', { functions: ['turn'], zone: 'side' }],
		['rr tu py21w l', { functions: ['turn'], zone: 'rear', sides: ['left'] }],
		['third brake light w16w', { functions: ['chmsl'], sides: ['centre'] }],
		['backup w16w', { functions: ['reverse'], zone: 'rear' }],
		['number plate c5w', { functions: ['licence-plate'] }],
		['st/ta p215w red', { functions: ['stop', 'tail'], zone: 'rear' }],
		['headlamp h4', { functions: ['low-beam', 'high-beam'] }],
		['rear fo p21w', { functions: ['rear-fog'], zone: 'rear', sides: ['centre'] }],
		['tail 2 w5w', { functions: ['tail'], index: 2 }],
		['no fog', { functions: ['fog'], absent: true }],
		['fog not fitted', { functions: ['fog'], absent: true }],
		['low h7 manual', { functions: ['low-beam'], source: 'manual' }],
		['third brake light bulb, the 921 x2', { functions: ['chmsl'], sides: ['left', 'right'], count: 2 }],
		['tag lamps 194 x 2', { functions: ['licence-plate'], count: 2, index: 1 }],
		["driver's side fog light H11", { functions: ['fog'], sides: ['left'] }],
		['os rear indicator P21W amber lens', { functions: ['turn'], zone: 'rear', sides: ['left'] }],
		['passenger side hi beam 9005', { functions: ['high-beam'], sides: ['right'] }],
		['hi/lo headlight H4', { functions: ['low-beam', 'high-beam'] }],
		['lh fender turn signal wy5w', { functions: ['turn'], zone: 'side', sides: ['left'] }],
		['mirror indicator wy5w', { functions: ['turn'], zone: 'side' }],
		['hatch light festoon 31', { functions: ['luggage'], zone: 'luggage' }],
		['boot lid plate lamp c5w', { functions: ['licence-plate'], zone: 'rear' }],
		['bed light 912', { functions: ['cargo'] }],
		['under-hood 194', { functions: ['underhood'], zone: 'engine' }],
		['courtesy light door w5w x4', { functions: ['door'], zone: 'cabin', count: 4 }],
		['reading light rear w5w', { functions: ['map'], zone: 'cabin' }],
		['visor lamps w5w', { functions: ['vanity'] }],
		['cornering lamp h11', { functions: ['cornering'], zone: 'front' }],
		['high beam tell tale w1.2w', { functions: ['tell-tale'], zone: 'cluster' }],
		['door mirror puddle lamp w5w', { functions: ['puddle'] }],
		['brake/tail/turn 1157 red', { functions: ['stop', 'tail', 'turn'], zone: 'rear' }],
		['no fog both', { functions: ['fog'], absent: true }],
		['no rear fog', { functions: ['rear-fog'], absent: true }],
		['osr stop/tail 1157 bay15d 27w', { functions: ['stop', 'tail'], zone: 'rear', sides: ['left'] }],
		['n/s/f low h7 55w', { functions: ['low-beam'], zone: 'front', sides: ['right'] }],
		['rhf turn wy21w', { functions: ['turn'], zone: 'front', sides: ['right'] }],
		['puddle lights w5w in mirrors', { functions: ['puddle'], zone: 'side' }],
		['tail/brake 7443 red', { functions: ['tail', 'stop'], zone: 'rear' }],
		['drl/turn 7443', { functions: ['drl', 'turn'], zone: 'front' }],
		['rear fog/reverse 7443', { functions: ['rear-fog', 'reverse'], zone: 'rear' }],
		['both sides tail r5w', { functions: ['tail'], zone: 'rear', sides: ['left', 'right'] }],
		['L/R stop p21w', { functions: ['stop'], sides: ['left', 'right'] }],
		['n/s low h7', { functions: ['low-beam'], sides: ['right'] }],
		['interior map lamp w5w', { functions: ['map'], zone: 'cabin' }],
		['Low beam: (left) H7.', { functions: ['low-beam'], sides: ['left'] }],
		['low - right & left', { functions: ['low-beam'], sides: ['right', 'left'] }]
	])('%s', (line, wanted) => {
		const { draft, problems } = read(line);
		expect(problems).toEqual([]);
		expect(draft).toMatchObject(wanted);
	});

	it.each([
		['low h7', 'category', 'H7'],
		['stop p21/5w', 'category', 'P21/5W'],
		['stop W21-5W', 'category', 'W21/5W'],
		['dome festoon 41', 'category', 'festoon 41 mm'],
		['dome 5w festoon 41 mm', 'category', 'festoon 41 mm'],
		['visor 28mm festoon', 'envelope.holderLength', 28],
		['plate C5W 36mm', 'envelope.holderLength', 36],
		['glove box T10', 'category', 'W5W'],
		['front turn clear lens amber bulb', 'bulbColour', 'amber'],
		['front turn clear lens amber bulb', 'lens', 'clear'],
		['rear stop sealed led', 'state', 'sealed'],
		['switch 74', 'category', '74'],
		['fog 55x24', 'envelope.frontDiameter', 24],
		['fog 55x24mm', 'envelope.frontLength', 55],
		['fog 55 x 24', 'envelope.frontDiameter', 24],
		['fog 55 mm × 24 mm', 'envelope.frontDiameter', 24],
		['fog behind 62 x 70', 'envelope.rearDepth', 62],
		['fog behind 62.5 mm x 70 mm', 'envelope.rearDiameter', 70],
		['fog opening 20 mm', 'envelope.opening', 20],
		['dome holder 36', 'envelope.holderLength', 36],
		['fog key 30', 'keyAngle', 30],
		['fog k30°', 'keyAngle', 30],
		['fog b62.5x70', 'envelope.rearDepth', 62.5],
		['fog opening20', 'envelope.opening', 20],
		['dome holder36', 'envelope.holderLength', 36],
		['fog k30', 'keyAngle', 30],
		['chmsl led', 'state', 'factory-led'],
		['fog sealed', 'state', 'sealed'],
		['stop crossed', 'wiring', 'crossed'],
		['low no cap', 'cap.kind', 'none'],
		['low h7 no rear cap', 'cap.kind', 'none'],
		['low h7 dust cover', 'cap.kind', 'stock-sealed'],
		['dome festoon C10W 41 mm', 'category', 'C10W'],
		['repeater led not replaceable', 'state', 'sealed'],
		['fog faded', 'lens', 'red-faded']
	])('%s: %s is %s', (line, fact, value) => {
		expect(read(line).draft.facts[fact]).toBe(value);
	});

	it('a motorcycle has its headlamp and stop lamp in the middle, and turn lamps in pairs', () => {
		const sides = (line: string) => read(line, { kind: 'motorcycle' }).draft.sides;
		expect([sides('low h7'), sides('stop p21w'), sides('f tu ry10w')]).toEqual([
			['centre'],
			['centre'],
			['left', 'right']
		]);
	});

	it.each([
		['turn py21w', 'does not say where'],
		['h7 clear', 'does not say what the lamp is for'],
		['headlamp h7', 'low beam and for high beam'],
		['low h7 no projector', 'says that there is no lamp, and describes one'],
		['low h7 no adapter', 'describes one'],
		['no fog left', 'one side has a lamp, list that one'],
		['no rear fog right', 'one side has a lamp'],
		['stop 1157 ba15s', 'made with a BAY15d cap, and the line says BA15s'],
		['stop ba15s left', 'BA15s is said of several lamps'],
		['low h7 100w', 'H7 draws 55 W, and the line says 100 W'],
		['blorp low', '“blorp” is not understood'],
		['tag lamps 194 x 12', '“12” is not understood'],
		['front/left stop', '“front/left” is not understood'],
		['low red clear', 'two things at once: red and clear'],
		['stop tail p21w', 'has one filament'],
		['low c5w', 'festoon lamp and does not make a low beam'],
		['rear low h7', 'not at the rear'],
		['position rear w5w', 'is the tail lamp: type tail'],
		['front stop p21w', 'not at the front'],
		['fog w5w', 'wedge lamp and does not make a fog']
	])('%s cannot be taken, and says why', (line, message) => {
		expect(read(line).problems.join(' ')).toContain(message);
	});

	it.each([
		['fog 455x22', ['Front length 455 mm, usually 8 to 150. Read the measure again.']],
		['fog 45x220 b62x70', ['Front diameter 220 mm, usually 6 to 100. Read the measure again.']],
		['fog 45x22 b62x70 o20', []]
	])('%s: a measure that is far from the usual is read again', (line, doubts) => {
		const reading = read(line);
		expect(reading.doubts).toEqual(doubts);
		expect(reading.problems).toEqual([]);
	});

	it('a place that is listed is not listed again, unless it has another number', () => {
		const there = makeConfiguration([LOW_SOCKET]);
		const again = (line: string) => readWalkLine(line, there).problems;
		expect(again('low h7').join()).toContain('Low beam, left is listed already');
		expect(again('low r h7')).toEqual([]);
		expect(again('low 2 h7')).toEqual([]);
	});

	it('every function is known by its name, its mark and each synonym that is its own', () => {
		for (const id of FUNCTION_IDS) {
			const { label, mark } = lampFunction(id);
			for (const word of [label, mark]) expect(read(word).draft.functions, word).toContain(id);
		}
	});

	it('any line is read without failing, each stretch once and in order', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 60 }), (line) => {
				const { taken } = read(line);
				taken.reduce((end, { from, to }) => {
					expect(from).toBeGreaterThanOrEqual(end);
					expect(to).toBeGreaterThan(from);
					return to;
				}, 0);
			})
		);
	});

	it('the order of the words does not matter', () => {
		const words = ['low', 'h7', 'projector', 'clear', 'left', 'k30', 'manual'];
		fc.assert(
			fc.property(fc.shuffledSubarray(words, { minLength: words.length }), (shuffled) => {
				expect(read(shuffled.join(' ')).draft).toEqual(read(words.join(' ')).draft);
			})
		);
	});
});

describe('the guard for lookalikes', () => {
	const doubts = (line: string, more: Partial<WalkContext> = {}) => read(line, more).doubts.join(' ');

	it('the corner lamp is not the turn lamp', () => {
		expect(doubts('corner w5w')).toContain('not the turn lamp');
		expect(doubts('f turn py21w')).toBe('');
	});
	it('side light is the position lamp, and says so', () => {
		expect(doubts('side light w5w')).toContain('front position lamp');
	});
	it('the cargo lamp beside the high stop lamp', () => {
		expect(doubts('chmsl w5w clear')).toContain('sits the cargo lamp');
		expect(doubts('cargo w16w red')).toContain('sits the high stop lamp');
		expect(doubts('chmsl w5w red', { kind: 'van' })).toContain('Look beside it for the cargo lamp');
	});
	it('front position inside the high-beam bowl', () => {
		expect(doubts('high h1 bowl')).toContain('the front position lamp often sits inside');
		expect(doubts('position h1')).toContain('H1 is the beam itself');
	});
	it('a lens of the wrong colour stands behind its neighbour', () => {
		expect(doubts('rear turn p21w red')).toContain('unusual in this market');
		expect(doubts('rear turn p21w red', { market: 'US' })).toBe('');
	});
});

describe('what is missing', () => {
	it('is what a match would need', () => {
		expect(read('low').missing).toEqual([
			'lamp category',
			'lens colour',
			'optic',
			'room in front',
			'room behind',
			'key angle'
		]);
		expect(read('stop/tail').missing).not.toContain('wiring of the twin contacts');
		expect(read('st/ta w215w red').missing).toEqual(['room in front', 'wiring of the twin contacts']);
		expect(read('dome festoon 36 clear').missing).toEqual(['holder length']);
		expect(read('chmsl led').missing).toEqual([]);
		expect(missingOf(draftOf(makeConfiguration([STOP_SOCKET]).sockets[0]!))).toEqual(['room in front']);
	});
});

describe('finishing a word', () => {
	it('offers words, categories, and puts the chosen one into the line', () => {
		const [first] = completions('low proj', 8);
		expect(first).toMatchObject({ word: 'projector', line: 'low projector ', caret: 14 });
		expect(completions('low h1', 6).map((c) => c.word)).toContain('H11');
		expect(completions('low ', 4)).toEqual([]);
		expect(completions('pro low', 3)[0]).toMatchObject({ line: 'projector low', caret: 10 });
	});
});

describe('adding', () => {
	const empty = makeConfiguration([]);
	const after = (line: string, configuration = empty) => {
		const done = addLine(line, { ...DAY, source: 'in-hand' })(configuration);
		if (!done.ok) throw new Error(done.error);
		return done.value;
	};

	it('gives both sockets an id, the facts, and where each comes from', () => {
		const { configuration, what } = after('rr tu py21w amber manual');
		expect(what).toBe('Rear turn, both added');
		expect(configuration.sockets.map((s) => s.id)).toEqual(['turn-rear-L', 'turn-rear-R']);
		expect(configuration.sockets[1]).toMatchObject({ category: 'PY21W', lens: 'amber', side: 'right' });
		expect(configuration.sockets[1]?.evidence).toContainEqual({
			fact: 'category',
			value: 'PY21W',
			source: 'manual',
			...DAY
		});
	});

	it('a place that is not fitted is an answer, and is taken back by a socket there', () => {
		const none = after('no fog').configuration;
		expect(none.absent).toEqual(['front:fog']);
		expect(expectedPlaces(none).map((p) => p.key)).not.toContain('front:fog');
		expect(after('fog h11', none).configuration.absent).toEqual([]);
		const looked = markAbsent('front:fog', false)(none);
		expect(looked.ok && looked.value.configuration.absent).toBeUndefined();
		expect(placeKeyText('rear:stop+tail')).toBe('Rear stop / tail');
	});

	it('a line that cannot be taken changes nothing', () => {
		expect(addLine('blorp', { ...DAY, source: 'in-hand' })(empty)).toEqual({
			ok: false,
			error: '“blorp” is not understood.'
		});
	});

	it('the lines of expected places can be added as they are offered', () => {
		for (const kind of ['car', 'van', 'motorcycle', 'bus', 'trailer'] as const) {
			const vehicle = { ...empty, kind } as typeof empty;
			let next = vehicle;
			for (const place of expectedPlaces(vehicle)) next = after(`${place.line}led`, next).configuration;
			expect(expectedPlaces(next), kind).toEqual([]);
		}
	});
});

describe('mirror', () => {
	const left = { ...LOW_SOCKET, keyAngle: 30, evidence: [{ fact: 'category', value: 'H11', source: 'in-hand' }] };

	it('copies what is alike to the other side as assumed, and leaves the key angle open', () => {
		const done = mirrorAll(DAY)(makeConfiguration([left]));
		const [, right] = done.ok ? done.value.configuration.sockets : [];
		expect(right).toMatchObject({ id: 'low-beam-R', side: 'right', category: 'H11', optic: 'projector' });
		expect(right?.keyAngle).toBeUndefined();
		expect(
			right?.evidence?.every((e) => e.source === 'assumed' && e.note === 'mirrored from low-L, there in-hand')
		).toBe(true);
	});

	it('says so when every socket has its twin', () => {
		expect(mirrorAll(DAY)(makeConfiguration([{ ...STOP_SOCKET, side: 'centre' }])).ok).toBe(false);
	});
});

describe('a sister', () => {
	const sister = makeConfiguration([LOW_SOCKET, { ...STOP_SOCKET, lens: 'smoked' }], { id: 's' });
	const ours = makeConfiguration([{ ...STOP_SOCKET, evidence: [{ fact: 'lens', value: 'red', source: 'in-hand' }] }]);

	it('offers what is not listed and what it says otherwise', () => {
		expect(sisterOffers(ours, sister).map(({ socket, kind }) => [socket, kind])).toEqual([
			['low-L', 'new'],
			['stop-L', 'differs']
		]);
		expect(sisterOffers(sister, sister)).toEqual([]);
	});

	it('what is copied is assumed: new facts come in, measured ones stay and are questioned', () => {
		const done = copyFromSister(sister, ['low-L', 'stop-L'] as never, DAY)(ours);
		const sockets = done.ok ? done.value.configuration.sockets : [];
		expect(sockets.map((s) => [s.id, s.lens])).toEqual([
			['stop-L', 'red'],
			['low-L', 'clear']
		]);
		expect(sockets[0]?.evidence?.map((e) => [e.value, e.source])).toContainEqual(['smoked', 'assumed']);
		expect(copyFromSister(sister, [], DAY)(ours).ok).toBe(false);
	});
});
