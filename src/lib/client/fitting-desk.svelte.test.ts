import { describe, expect, it } from 'vitest';
import type { FittingMark } from '../core/fitup';
import { FittingDesk, type SentMark } from './fitting-desk.svelte';

/** A desk with a server that may be cut off. */
function bay(kept: SentMark[] = []) {
	const server: FittingMark[] = [];
	const device = { marks: kept };
	const line = { isCut: false, requests: 0 };
	let uid = 0;
	const desk = new FittingDesk({
		address: '/marks',
		steps: ['a', 'b', 'c'],
		marks: [],
		fetch: ((_: string, { body }: { body: string }) => {
			line.requests += 1;
			if (line.isCut) return Promise.reject(new TypeError('no connection'));
			for (const mark of (JSON.parse(body) as { marks: SentMark[] }).marks)
				if (!server.some((there) => there.uid === mark.uid)) server.push({ ...mark, by: 'M. Tveter' });
			return Promise.resolve(new Response(JSON.stringify({ marks: server })));
		}) as never,
		kept: { read: () => device.marks, write: (marks) => (device.marks = [...marks]) },
		now: () => '2026-03-02T08:00:00.000Z',
		uid: () => `uid-${(uid += 1)}`
	});
	return { desk, server, device, line };
}

const rest = () => new Promise((done) => setTimeout(done));

describe('the desk of a fitting', () => {
	it('counts ticks at once without a connection, keeps them on the device, and sends each once when there is one', async () => {
		const { desk, server, device, line } = bay();
		line.isCut = true;
		for (const step of ['a', 'b', 'c']) desk.mark('done', step);
		await rest();
		expect([desk.state.done, desk.waiting, device.marks.length, server.length]).toEqual([3, 3, 3, 0]);
		line.isCut = false;
		await desk.send();
		await desk.send();
		expect([desk.state.done, desk.waiting, device.marks.length, server.length]).toEqual([3, 0, 0, 3]);
	});

	it('goes on with what an earlier page left on the device', async () => {
		const { desk, server } = bay([{ uid: 'old', step: 'a', kind: 'done', at: '2026-03-02T07:00:00.000Z' }]);
		expect(desk.state.next).toBe('b');
		await desk.send();
		expect(server.map(({ uid }) => uid)).toEqual(['old']);
	});

	it('a heavy picture goes in a request of its own', async () => {
		const { desk, line, server } = bay();
		line.isCut = true;
		for (let i = 0; i < 3; i++) desk.mark('photo', 'a', { picture: `data:image/png;base64,${'A'.repeat(500_000)}` });
		await rest();
		line.isCut = false;
		line.requests = 0;
		await desk.send();
		expect([line.requests, server.length]).toEqual([3, 3]);
	});
});
