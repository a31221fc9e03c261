import { describe, expect, it } from 'vitest';
import { RecordDesk } from './record-desk.svelte';

type Body = { base?: number; command?: { kind: string }; step?: string; unit?: string };
type Reply = object | Error;

/** A desk with a server that answers as it is told, one reply a request. */
function desk(replies: Reply[], revision = 5) {
	const sent: Body[] = [];
	let refreshed = 0;
	const made = new RecordDesk({
		address: () => '/vehicles/v/record',
		revision: () => revision,
		closed: () => null,
		fetch: ((_url: string, init: RequestInit) => {
			sent.push(JSON.parse(String(init.body)));
			const reply = replies.shift();
			return reply instanceof Error ? Promise.reject(reply) : Promise.resolve(new Response(JSON.stringify(reply)));
		}) as typeof fetch,
		refresh: () => {
			refreshed += 1;
			return Promise.resolve();
		}
	});
	return { made, sent, refreshed: () => refreshed };
}

const clash = {
	refusal: { kind: 'conflict', message: 'B changed this', theirs: ['Lens: smoked'], mine: ['Lens: red'], since: [] }
};

describe('the desk where a record is changed', () => {
	it('sends one change after another, each on the ground of the last', async () => {
		const { made, sent, refreshed } = desk([
			{ what: 'one', revision: 6 },
			{ what: 'two', revision: 7 }
		]);
		const both = [made.send({ kind: 'mirror' }), made.send({ kind: 'usual-channels' })];
		expect(await Promise.all(both)).toEqual([
			{ ok: true, what: 'one' },
			{ ok: true, what: 'two' }
		]);
		expect(sent.map((body) => body.base)).toEqual([5, 6]);
		expect([made.done, made.trouble, refreshed()]).toEqual(['two', null, 2]);
		made.clear();
		expect(made.done).toBeNull();
	});

	it('says why a change was not made, and goes on with the next', async () => {
		const { made, refreshed } = desk([{ refusal: { kind: 'problem', message: 'no' } }, { what: 'yes', revision: 6 }]);
		const first = made.send({ kind: 'mirror' });
		const second = made.send({ kind: 'mirror' });
		expect(await first).toEqual({ ok: false, message: 'no' });
		expect(await second).toEqual({ ok: true, what: 'yes' });
		expect([made.trouble, refreshed()]).toEqual([null, 1]);
	});

	it('a server that does not answer loses nothing and stops nothing', async () => {
		const { made } = desk([new Error('gone'), { what: 'back', revision: 6 }]);
		expect(await made.send({ kind: 'mirror' })).toEqual({
			ok: false,
			message: expect.stringContaining('did not answer')
		});
		expect(made.trouble).toContain('Nothing was changed; try again.');
		expect((await made.send({ kind: 'mirror' })).ok).toBe(true);
	});

	it('holds both versions where two people met, until one is chosen', async () => {
		const { made, sent } = desk([clash, { what: 'mine after all', revision: 9 }]);
		await made.send({ kind: 'claim', facts: { lens: 'red' } });
		expect(made.clash).toMatchObject({ theirs: ['Lens: smoked'], mine: ['Lens: red'] });
		expect(made.trouble).toBeNull();
		await made.writeMine();
		expect(sent[1]?.command).toEqual({ kind: 'claim', facts: { lens: 'red' } });
		expect([made.clash, made.done]).toEqual([null, 'mine after all']);
	});

	it("keeping the other's version writes nothing", async () => {
		const { made, sent, refreshed } = desk([clash]);
		await made.send({ kind: 'claim', facts: { lens: 'red' } });
		await made.keepTheirs();
		expect([made.clash, sent.length, refreshed()]).toEqual([null, 1, 1]);
	});

	it('steps through the history of the record, and of a shared unit', async () => {
		const { made, sent } = desk([{ what: 'a', unit: 'u', revision: 6 }, { what: 'taken back' }, { what: 'again' }]);
		await made.send({ kind: 'claim', facts: {} });
		expect(made.unit).toBe('u');
		await made.step('undo', 'u');
		await made.step('redo');
		expect(sent.slice(1)).toEqual([
			{ step: 'undo', unit: 'u' },
			{ step: 'redo', base: expect.any(Number) }
		]);
		expect(made.unit).toBeNull();
	});

	it('remembers what the person goes by', () => {
		const { made } = desk([]);
		expect(made.source).toBe('in-hand');
		made.source = 'manual';
		expect(made.source).toBe('manual');
	});
});
