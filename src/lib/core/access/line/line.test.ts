import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../../tests/support/make';
import { accessCompletions, fastenerText, readAccessLine, toolsFor } from '.';
import { readFastener } from './fasteners';
import { readMinutes } from './minutes';

const car = makeConfiguration(
	[
		STOP_SOCKET,
		{ ...STOP_SOCKET, id: 'stop-R', side: 'right' },
		LOW_SOCKET,
		{ ...LOW_SOCKET, id: 'low-R', side: 'right' }
	],
	{
		access: {
			operations: [
				{ id: 'bonnet', side: 'both', title: 'Open the bonnet', part: 'bonnet' },
				{ id: 'grille', side: 'both', title: 'Take the grille off', part: 'grille', after: ['bonnet'] },
				{ id: 'arch-L', side: 'left', title: 'Fold back the wheel-arch liner', part: 'wheel-arch liner' },
				{ id: 'arch-R', side: 'right', title: 'Fold back the wheel-arch liner', part: 'wheel-arch liner' }
			]
		}
	}
);

describe('readAccessLine', () => {
	it('reads a whole line', () => {
		const line =
			'left headlamp off: 2x 10 mm bolt top, 1x 10 mm below, clip outward, plug; after grille; reaches low beam; 6 min off 8 on; care: tape the bumper';
		const { operation, problems, doubts, missing, taken } = readAccessLine(line, car);
		expect([problems, doubts, missing]).toEqual([[], [], []]);
		expect(operation).toEqual({
			id: 'headlamp-L',
			side: 'left',
			title: 'Take the headlamp off',
			kind: 'remove',
			part: 'headlamp',
			after: ['grille'],
			reaches: ['low-L'],
			minutesOff: 6,
			minutesOn: 8,
			cautions: ['tape the bumper'],
			tools: ['10 mm socket', 'trim tool'],
			fasteners: [
				{ kind: 'bolt', count: 2, drive: 'hex', size: '10 mm', note: 'top' },
				{ kind: 'bolt', count: 1, drive: 'hex', size: '10 mm', note: 'below' },
				{ kind: 'clip', count: 1, note: 'outward' },
				{ kind: 'plug', count: 1 }
			]
		});
		expect(taken.map(({ from, to }) => line.slice(from, to))).toContain('1x 10 mm below');
		expect(taken.every(({ label }) => label !== null)).toBe(true);
	});

	it.each<[string, object]>([
		['open bonnet', { id: 'bonnet.2', title: 'Open the bonnet', kind: 'open', side: 'both' }],
		[
			'fold back arch liner right: 3 t20 screws; 8 min',
			{ id: 'wheel-arch-liner-R', kind: 'fold back', minutesOff: 8, minutesOn: 8, tools: ['T20 driver'] }
		],
		[
			'right reservoir aside: after bonnet; 3/3 min; care: do not open the coolant',
			{ title: 'Lift the coolant reservoir aside', after: ['bonnet'], minutesOn: 3 }
		],
		['rear lamp out left; reaches stop; by arch or grille', { anyOf: [['arch-L'], ['grille']], reaches: ['stop-L'] }],
		[
			'relay block down; after bonnet and grille; reaches flasher',
			{ after: ['bonnet', 'grille'], reaches: ['flasher'] }
		],
		[
			'grille off: 4 clips, 2x T25 hidden under the badge; 3 off 4 on',
			{
				minutesOff: 3,
				minutesOn: 4,
				fasteners: [
					{ kind: 'clip', count: 4 },
					{ kind: 'screw', count: 2, drive: 'Torx', size: 'T25', hidden: 'under the badge' }
				]
			}
		],
		['headlamp out; after arch; right', {}]
	])('%s', (line, expected) => expect(readAccessLine(line, car).operation).toMatchObject(expected));

	it.each([
		['headlamp off; after spoiler', 'Nothing on record is called “spoiler”: enter it first.'],
		['headlamp off; reaches moon', 'No lamp, output or flasher of this vehicle is meant by “moon”.'],
		[
			'headlamp off: wibble',
			'“wibble” is not understood: a fastener, minutes, or begin with after, reaches, tools or care.'
		],
		['left off', 'The line does not say which part: headlamp, grille, bumper…'],
		['; 3 min', 'The line does not say which part: begin with it.'],
		['x'.repeat(501), 'The line is longer than 500 characters: part it into several operations.']
	])('says what is wrong with %s', (line, problem) => expect(readAccessLine(line, car).problems).toContain(problem));

	it('says what is a new word, and what is missing', () => {
		expect(readAccessLine('widget off', car)).toMatchObject({
			doubts: ['“widget” is a new word for a part.'],
			missing: ['minutes off', 'minutes on', 'what it reaches, if it reaches a lamp']
		});
		expect(readAccessLine('grille', car).doubts).toEqual(['What is done is not said: taken as “off”.']);
	});

	it('takes any line without falling over, and notes only stretches of it', () => {
		const word = fc.constantFrom(
			'left',
			'headlamp',
			'off',
			':',
			';',
			'after',
			'grille',
			'or',
			'2x',
			'10 mm',
			'bolt',
			'care',
			'reaches',
			'low',
			'6',
			'min',
			'__proto__',
			'constructor',
			',',
			'é',
			'',
			'+'
		);
		fc.assert(
			fc.property(fc.array(word, { maxLength: 20 }), (words) => {
				const line = words.join(' ');
				const { taken, operation, problems } = readAccessLine(line, car);
				for (const { from, to } of taken) expect(from >= 0 && from < to && to <= line.length).toBe(true);
				if (operation) expect(operation.part).not.toBe('');
				else expect(line.trim() === '' || problems.length > 0).toBe(true);
			})
		);
	});
});

describe('pieces of a line', () => {
	it.each([
		['6 min off 8 on', { minutesOff: 6, minutesOn: 8 }],
		['6 off, 8 on', { minutesOff: 6, minutesOn: 8 }],
		['2,5 min', { minutesOff: 2.5, minutesOn: 2.5 }],
		['4 min on', { minutesOn: 4 }],
		['10 mm', null]
	])('minutes: %s', (text, said) => expect(readMinutes(text)).toEqual(said));

	it.each([
		['3 nuts M6 into plastic', '3 x nut, into plastic'],
		['x2 ph2', '2 x screw cross PH2'],
		['4 mm allen screw apart', '1 x screw hex socket 4 mm, keep apart'],
		['nothing', null]
	])('fastener: %s', (text, said) => {
		const fastener = readFastener(text);
		expect(fastener && fastenerText(fastener).replace(', M6', '').replace(' m6', '')).toEqual(said);
	});

	it('tools follow from the fasteners', () => {
		expect(
			toolsFor([{ kind: 'bolt', size: '10 mm' }, { kind: 'screw', drive: 'Torx', size: 'T20' }, { kind: 'plug' }])
		).toEqual(['10 mm socket', 'T20 driver']);
	});
});

describe('accessCompletions', () => {
	const words = (line: string) => accessCompletions(line, line.length, car).map(({ word }) => word);
	it('offers what may stand there', () => {
		expect(words('left headl')).toEqual(['headlamp', 'headlight']);
		expect(words('grille off: 2x bo')).toEqual(['bolt']);
		expect(words('headlamp off; after gr')).toEqual(['grille']);
		expect(words('headlamp off; care: ta')).toEqual(['tape the bumper', 'tape the paint beside it']);
		expect(words('headlamp off; reaches low')).toEqual(['low-L', 'low-R']);
		expect(accessCompletions('left headl', 10, car)[0]).toMatchObject({ line: 'left headlamp ', caret: 14 });
	});
});
