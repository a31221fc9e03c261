import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../../tests/support/make';
import type { Configuration } from '../../model';
import type { Edit, Witness } from '../../record';
import { openQuestions } from '../../vehicle';
import {
	accessOffers,
	addAccessLine,
	copyAccess,
	mirrorAccess,
	putOperation,
	removeOperation,
	sideDifferences
} from '.';

const witness: Witness = { source: 'in-hand', on: '2026-03-02', by: 'A. Lindgard' };
const car = makeConfiguration([
	STOP_SOCKET,
	{ ...STOP_SOCKET, id: 'stop-R', side: 'right' },
	LOW_SOCKET,
	{ ...LOW_SOCKET, id: 'low-R', side: 'right' }
]);
const after = (configuration: Configuration, ...edits: Edit[]) =>
	edits.reduce((c, edit) => {
		const done = edit(c);
		if (!done.ok) throw new Error(done.error);
		return done.value.configuration;
	}, configuration);
const line = (text: string) => addAccessLine(text, witness);
const lines = [
	'open bonnet; 1 min',
	'left headlamp out: 2x 10 mm bolt; after bonnet; reaches low beam; 6 off 8 on'
].map(line);

describe('edits of the way in', () => {
	it('a line becomes an operation with the source of each fact', () => {
		const [, headlamp] = after(car, ...lines).access?.operations ?? [];
		expect(headlamp).toMatchObject({ id: 'headlamp-L', after: ['bonnet'], reaches: ['low-L'], minutesOff: 6 });
		expect(headlamp?.evidence).toContainEqual({ fact: 'minutesOff', value: 6, ...witness });
	});

	it('whoever tells it otherwise opens a question, and nothing is lost', () => {
		const recorded = after(car, ...lines);
		const [, headlamp] = recorded.access?.operations ?? [];
		const told = after(
			recorded,
			putOperation({ ...headlamp!, minutesOff: 12 }, { ...witness, by: 'M. Tveter', on: '2026-04-01' })
		);
		expect(openQuestions(told)).toMatchObject([
			{ subject: { kind: 'operation', id: 'headlamp-L' }, fact: 'minutesOff', values: [{ value: 12 }, { value: 6 }] }
		]);
	});

	it('refuses what would wait for itself, and leaves the record', () => {
		const recorded = after(car, ...lines);
		const [bonnet] = recorded.access?.operations ?? [];
		const done = putOperation({ ...bonnet!, after: ['headlamp-L'] }, witness)(recorded);
		expect(done).toEqual({
			ok: false,
			error:
				'“Open the bonnet” can never be done: “Open the bonnet” and “Take the headlamp out” wait for each other. Nothing was changed.'
		});
	});

	it('taking one out frees what waited for it', () => {
		const recorded = after(car, ...lines, removeOperation('bonnet'));
		expect(recorded.access?.operations).toMatchObject([{ id: 'headlamp-L' }]);
		expect(recorded.access?.operations[0]).not.toHaveProperty('after');
		expect(after(recorded, removeOperation('headlamp-L'))).not.toHaveProperty('access');
		expect(removeOperation('gone')(car)).toMatchObject({ ok: false });
	});

	it('mirrors one side to the other as assumed, and says where the sides differ', () => {
		const both = after(car, ...lines, mirrorAccess('left', { on: witness.on! }));
		const copy = both.access?.operations[2];
		expect(copy).toMatchObject({ id: 'headlamp-R', side: 'right', after: ['bonnet'], reaches: ['low-R'] });
		expect(copy?.evidence?.every(({ source }) => source === 'assumed')).toBe(true);
		expect(sideDifferences(both.access?.operations ?? [])).toEqual([]);
		expect(mirrorAccess('left', {})(both)).toMatchObject({ ok: false });
		const differs = after(both, putOperation({ ...copy!, minutesOff: 20 }, witness));
		expect(sideDifferences(differs.access?.operations ?? [])).toMatchObject([
			{ left: { id: 'headlamp-L' }, right: { id: 'headlamp-R' } }
		]);
	});

	it('copies from a sister what was chosen and what comes before it', () => {
		const sister = after(car, ...lines);
		expect(accessOffers(car, sister).map(({ id }) => id)).toEqual(['bonnet', 'headlamp-L']);
		const copied = after(car, copyAccess(sister, ['headlamp-L'], {}));
		expect(copied.access?.operations).toMatchObject([{ id: 'bonnet' }, { id: 'headlamp-L', reaches: ['low-L'] }]);
		expect(copyAccess(sister, ['bonnet'], {})(copied)).toMatchObject({ ok: false });
	});
});
