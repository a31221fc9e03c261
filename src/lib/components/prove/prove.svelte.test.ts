import { describe, expect, it } from 'vitest';
import type { DrawnComparison, OpenedShot } from '$lib/client/beam.worker';
import type { Quad } from '$lib/core/beam';
import type { ExpectedLine } from '$lib/core/proof';
import { BeamDesk, type BeamWorker } from './beam-desk.svelte';
import { ModeTestDesk, WARM_UP_MS } from './mode-test.svelte';

const OPENED: OpenedShot = { width: 100, height: 80, targets: null, exposure: null };
const FOUND = { comparable: true } as DrawnComparison;
const file = new Blob(['x']);

/** A worker whose answers come when the test lets them. */
function worker() {
	const waiting: { resolve: (value: never) => void; reject: (error: Error) => void; asked: unknown }[] = [];
	const wait = (asked: unknown) => new Promise<never>((resolve, reject) => waiting.push({ resolve, reject, asked }));
	const own: BeamWorker = {
		open: (name, _file, progress) => {
			progress(`opening ${name}`);
			return wait(name);
		},
		compare: (asked) => wait(asked)
	};
	return { own, waiting };
}

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('the desk of pictures', () => {
	function begun() {
		const { own, waiting } = worker();
		return { desk: new BeamDesk({ worker: own, urlOf: () => 'blob:x' }), waiting };
	}

	it('opens two pictures and compares them, saying what it does', async () => {
		const { desk, waiting } = begun();
		const before = desk.open('before', file);
		expect(desk.progress).toBe('opening before');
		waiting[0]!.resolve(OPENED as never);
		await before;
		expect([desk.progress, desk.found]).toEqual([null, null]);
		void desk.open('after', file);
		waiting[1]!.resolve(OPENED as never);
		await settled();
		expect(waiting[2]!.asked).toEqual({ marks: null, aspect: null, at: 0.5 });
		waiting[2]!.resolve(FOUND as never);
		await settled();
		expect(desk.found).toBe(FOUND);
	});

	it('a picture that is none is said, and the other one is kept', async () => {
		const { desk, waiting } = begun();
		void desk.open('before', file);
		waiting[0]!.resolve(OPENED as never);
		await settled();
		void desk.open('after', file);
		waiting[1]!.reject(new Error('it is animated'));
		await settled();
		expect(desk.trouble).toBe('The picture after cannot be used: it is animated. Take another one.');
		expect(Object.keys(desk.shots)).toEqual(['before']);
	});

	it('leaves an answer to an older question aside, and never asks with marks that are crossed', async () => {
		const { desk, waiting } = begun();
		for (const which of ['before', 'after'] as const) {
			void desk.open(which, file);
			waiting.at(-1)!.resolve(OPENED as never);
			await settled();
		}
		const first = waiting.at(-1)!;
		desk.beginMarks();
		void desk.compare();
		const second = waiting.at(-1)!;
		first.resolve({ comparable: false } as never);
		second.resolve(FOUND as never);
		await settled();
		expect(desk.found).toBe(FOUND);
		expect((second.asked as { marks: object }).marks).not.toBeNull();
		const [tl, tr, br, bl] = desk.shots.before!.marks!;
		desk.mark('before', [tr, tl, br, bl] as Quad);
		const asked = waiting.length;
		await desk.compare();
		expect([waiting.length, desk.trouble?.startsWith('The marks must stand as')]).toEqual([asked, true]);
	});
});

describe('a mode test while it is made', () => {
	const line = (mode: string, complained: string[] = []): ExpectedLine => ({
		mode: mode as never,
		label: mode,
		lit: [],
		flashing: [],
		notKnown: [],
		glowing: [],
		flashPerMinute: null,
		messages: [],
		complained,
		undecided: []
	});
	const expected = [line('off'), line('brake', ['stop'])];

	function begun() {
		const kept: { lines: object[]; control?: object }[] = [];
		let now = 0;
		const desk = new ModeTestDesk({
			expected: () => expected,
			fitted: () => ({ lamps: {}, parts: [] }),
			begun: () => null,
			keep: (proof) => {
				kept.push(proof as never);
				return Promise.resolve(true);
			},
			newId: () => 'P1',
			now: () => now,
			stamp: () => new Date(now).toISOString()
		});
		return { desk, kept, wait: (ms: number) => ((now += ms), desk.tick()) };
	}

	it('goes from mode to mode, keeps every answer, and waits ten minutes before the second round', async () => {
		const { desk, kept, wait } = begun();
		expect(desk.at).toEqual({ mode: 'off', round: 'at-once' });
		await desk.answer(expected[0]!, null);
		await desk.answer(expected[1]!, null);
		expect(kept.map(({ lines }) => lines.length)).toEqual([1, 2]);
		expect(kept[1]!.lines[1]).toMatchObject({ isAsExpected: true, complained: ['stop'] });
		expect([desk.at?.round, desk.warmsFor]).toEqual(['after-ten-minutes', WARM_UP_MS]);
		wait(WARM_UP_MS + 1);
		expect(desk.warmsFor).toBe(0);
	});

	it('keeps what came instead, a rate that was tapped, and the control', async () => {
		const { desk, kept, wait } = begun();
		for (let i = 0; i < 6; i++) {
			desk.tap();
			wait(700);
		}
		expect(Math.round(desk.tapped!.perMinute)).toBe(86);
		await desk.answer(expected[1]!, { saw: [{ what: 'races', sockets: [] }], complained: [], note: 'right only' });
		expect(kept[0]!.lines[0]).toMatchObject({ isAsExpected: false, flashPerMinute: 86, note: 'right only' });
		expect(desk.taps).toBe(0);
		await desk.controlled('stop', false);
		expect(kept.at(-1)!.control).toEqual({ channel: 'stop', complained: false });
	});
});
