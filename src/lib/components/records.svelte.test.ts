import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../tests/support/make';
import { channelsView, recordedFacts } from '../core/views';
import { readWalkLine } from '../core/walk';
import DifferenceTable from './identify/DifferenceTable.svelte';
import LookQuestion from './identify/LookQuestion.svelte';
import VinReading from './identify/VinReading.svelte';
import Consequence from './questions/Consequence.svelte';
import ChannelMap from './record/ChannelMap.svelte';
import Clash from './record/Clash.svelte';
import { CAP_STROKES, RETENTION_STROKES } from './record/drawings';
import { readFactInput } from './record/fact-input';
import HolderDrawing from './record/HolderDrawing.svelte';
import Reading from './record/Reading.svelte';
import { numberIn, roomOf } from './record/room';
import RoomDrawing from './record/RoomDrawing.svelte';
import ConfirmationMark from './record/ConfirmationMark.svelte';
import HeadingMapping from './sheets/HeadingMapping.svelte';
import ProblemTable from './sheets/ProblemTable.svelte';
import { choiceValues, SOCKET_FACTS } from '../core/model';

const nothing = () => undefined;
const reading = (line: string) =>
	render(Reading, {
		props: { line, reading: readWalkLine(line, { kind: 'car', market: 'UN', sockets: [] }), underway: 0 }
	}).body;

describe('the reading of a walk-line', () => {
	it('says what was understood, where, and what is not said yet', () => {
		const body = reading('low h7 left');
		for (const text of ['Enter adds', 'Low beam', 'H7', 'front, left', 'Not said yet', 'lens colour'])
			expect(body).toContain(text);
	});
	it('marks what is not understood, and does not offer to add', () => {
		const body = reading('blorp low');
		for (const text of ['Not yet', 'blorp?', '“blorp” is not understood.']) expect(body).toContain(text);
		expect(body).not.toContain('Enter adds');
	});
	it('asks for a second look, and shows a beginner how', () => {
		expect(reading('corner w5w')).toContain('Look twice');
		expect(reading(' ')).toContain('For example');
		expect(reading('no fog')).toContain('Not fitted');
	});
});

describe('drawings', () => {
	const room = (more: Record<string, string>) => ({ ...roomOf([]), ...more });

	it('of a room say in words what they show, and what is not measured', () => {
		const drawn = (more: Record<string, string>) =>
			render(RoomDrawing, { props: { room: room(more), category: 'H7' } }).body;
		expect(drawn({ 'envelope.frontLength': '46', 'envelope.opening': '20' })).toContain(
			'aria-label="Side view to scale: Front 46 mm long, width not measured, behind not measured, opening 20 mm"'
		);
		expect(drawn({ 'envelope.rearDepth': '52', 'cap.depth': '16' })).toContain('behind 52 mm deep');
		expect(drawn({ 'envelope.rearDepth': 'abc' })).toContain('behind not measured');
	});

	it('of a festoon holder show the stock lamp between its contacts', () => {
		const { body } = render(HolderDrawing, {
			props: { room: room({ 'envelope.holderLength': '36' }), category: 'festoon 36 mm' }
		});
		for (const text of ['contacts 36 mm apart', 'stock festoon 36 mm', '36 mm between the contacts'])
			expect(body).toContain(text);
	});

	it('there is one for each way to hold a lamp and to close a housing', () => {
		expect(Object.keys(RETENTION_STROKES)).toEqual(choiceValues(SOCKET_FACTS.retention));
		expect(Object.keys(CAP_STROKES)).toEqual(choiceValues(SOCKET_FACTS['cap.kind']));
	});

	it('a room is typed as text and read as numbers', () => {
		const facts = recordedFacts('socket', makeConfiguration([LOW_SOCKET]).sockets[0]!);
		expect(roomOf(facts)).toMatchObject({
			'envelope.frontLength': '46',
			keyAngle: '0',
			retention: 'twist',
			'cap.depth': ''
		});
		expect([
			numberIn({ a: ' 4,5 ' }, 'a'),
			numberIn({ a: '-1' }, 'a'),
			numberIn({ a: 'x' }, 'a'),
			numberIn({}, 'a')
		]).toEqual([4.5, null, null, null]);
		expect(readFactInput('socket', 'keyAngle', '30,5')).toBe(30.5);
		expect([readFactInput('socket', 'category', '74'), readFactInput('socket', 'lens', ' ')]).toEqual(['74', null]);
		expect(readFactInput('socket', 'retention', 'Spring clip')).toBe('spring-clip');
		expect([readFactInput('flasher', 'pins', '3'), readFactInput('socket', 'keyAngle', 'up')]).toEqual([3, 'up']);
	});
});

describe('the drawing of channels', () => {
	it('links each channel to what it feeds, and names what nothing feeds', () => {
		const shown = channelsView({ ...makeConfiguration([STOP_SOCKET, LOW_SOCKET]), channels: [] });
		const { body } = render(ChannelMap, { props: { shown, chosen: null, href: () => '/x' } });
		expect(body.match(/nothing known to feed it/g)).toHaveLength(2);
		const fed = channelsView(makeConfiguration([STOP_SOCKET]));
		const linked = render(ChannelMap, { props: { shown: fed, chosen: 'feed-stop-L', href: (id) => `/c/${id}` } }).body;
		expect(linked).toContain('href="/c/feed-stop-L"');
		expect(linked).toContain('Left stop lamp, steady, no bulb-out check, 1 lamp');
		expect(
			render(ChannelMap, { props: { shown: { ...fed, terminals: [] }, chosen: null, href: () => '' } }).body
		).toContain('List the sockets first');
	});
});

describe('what is doubted', () => {
	it('has words, and what is sure has none', () => {
		const words = (confirmation: 'confirmed' | 'unconfirmed' | 'contested' | null) =>
			render(ConfirmationMark, { props: { confirmation } }).body;
		expect(words('unconfirmed')).toContain('never confirmed');
		expect(words('contested')).toContain('sources disagree');
		for (const sure of ['confirmed', null] as const) expect(words(sure)).not.toContain('span');
	});

	it('two versions stand side by side with a button each', () => {
		const clash = {
			message: 'B changed this',
			theirs: ['Lens: smoked'],
			mine: ['Lens: red'],
			command: { kind: 'claim' },
			since: []
		};
		const { body } = render(Clash, { props: { clash, onkeep: nothing, onwrite: nothing } });
		for (const text of ['B changed this', 'Lens: smoked', 'Lens: red', 'Keep what is on record', 'Write mine over it'])
			expect(body).toContain(text);
	});

	it('a value of a question says what would follow', () => {
		const counts = { fits: 1, parts: 2, unknown: 3, refused: 4 };
		const change = (i: number) => ({
			product: `Lamp ${i}`,
			socket: 's',
			from: 'fits' as const,
			to: 'refused' as const
		});
		const consequence = { value: 1, text: '1', counts, changes: Array.from({ length: 7 }, (_, i) => change(i)) };
		const body = render(Consequence, { props: { consequence, inForce: false } }).body;
		for (const text of [
			'1 fit, 2 with parts, 3 to check by hand, 4 refused',
			'7 verdicts would change',
			'Fits → Refused',
			'and 2 more'
		])
			expect(body).toContain(text);
		expect(
			render(Consequence, { props: { consequence: { ...consequence, changes: [] }, inForce: false } }).body
		).toContain('No verdict would change.');
	});
});

describe('identifying', () => {
	it("a question has a button an answer, and don't know", () => {
		const question = { id: 'q', text: 'Round lens?', answers: [{ id: 'y', text: 'Yes' }] };
		const { body } = render(LookQuestion, { props: { question, left: 3, onanswer: nothing } });
		for (const text of ['3 are possible', 'Round lens?', 'Yes', "Don't know"]) expect(body).toContain(text);
	});

	it('a decoder that is simulated says so, one that is silent too', () => {
		const vin = {
			vin: 'V',
			service: 'S',
			simulated: true,
			checkDigit: 'wrong' as const,
			year: 2018,
			says: 'A, B',
			trouble: null
		};
		const body = render(VinReading, { props: { vin } }).body;
		for (const text of ['says: A, B, model year 2018', 'simulated, its makers are made up', 'check digit is not right'])
			expect(body).toContain(text);
		const silent = { ...vin, simulated: false, says: null, trouble: 'S did not answer' };
		expect(render(VinReading, { props: { vin: silent } }).body).toContain('S did not answer');
		expect(render(VinReading, { props: { vin: { ...silent, trouble: null } } }).body).toContain(
			'tenth character means model year 2018'
		);
	});

	it('differences stand under the vehicles they are of', () => {
		const differences = [{ place: 'Dome', fact: 'Lens', values: ['clear', 'smoked'] }];
		const vehicles = [
			{ id: 'a', name: 'One' },
			{ id: 'b', name: 'Two' }
		];
		const { body } = render(DifferenceTable, { props: { differences, vehicles } });
		for (const text of ['One', 'Two', 'Dome', 'Lens', 'clear', 'smoked']) expect(body).toContain(text);
	});
});

describe('spreadsheets', () => {
	it('a problem has sheet, row and column, a whole row says so', () => {
		const problems = [
			{ tab: 'sockets', row: 4, column: 'lens', message: 'is wrong' },
			{ tab: 'units', row: 0, column: null, message: 'is odd' }
		];
		const { body } = render(ProblemTable, { props: { problems, total: 9 } });
		for (const text of ['sockets', '4', 'lens', 'is wrong', 'whole row', 'all', 'The first 2 of 9.'])
			expect(body).toContain(text);
	});

	it('each heading can be taken as another column', () => {
		const tab = {
			tab: 'Sheet1',
			sheet: 'sockets' as const,
			rows: 2,
			map: { Bulb: 'category', Price: null },
			understood: { columns: ['category'], rows: [{ number: 2, cells: ['W5W'], problems: [] }] },
			samples: [
				{ heading: 'Bulb', cells: ['W5W', 'H7'] },
				{ heading: 'Price', cells: ['', 3] }
			]
		};
		const { body } = render(HeadingMapping, { props: { tab, columns: { sockets: ['id', 'category'] } } });
		for (const text of ['Sheet1 · 2 rows', 'Bulb is taken as', 'W5W · H7', 'left alone']) expect(body).toContain(text);
	});
});
