import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase } from '../../../../tests/support/database';
import { demoDocument } from '../../../../tests/support/demo';
import { changeAlways } from '../db/change';
import { demoYear } from '../demo/year/year';
import { complaintsAbout, findComplaint, putComplaint } from '../repositories/complaints';
import { fittedLampsOf } from '../repositories/fitted-lamps';
import { findConfiguration } from '../repositories/configurations';
import { findProduct } from '../repositories/products';
import { addFound, fileComplaint, readComplaint, type ComplaintForm } from './complaints';
import { showDiagnosis } from './diagnosis';
import { exportAll, importDocument } from './exchange';
import { exportComplete, importComplete, completeIn } from './complete';
import { answerFollowUp, dueToday, setFollowUpMonths } from './follow-ups';
import { learnedIn } from './learned';
import { productHistory } from './product-history';
import { settleComplaint, reopenComplaint, type Settling } from './settling';
import { shopData } from './catalogue';
import { matchConfiguration } from '../../core/match';

const ACTOR = { by: 'M. Tveter', now: '2026-11-26T08:00:00.000Z' };
const CAR = 'fenholm-skerry-i-2012';
const settling = (more: Partial<Settling>): Settling => ({
	cause: 'driver-dead',
	remedy: 'part',
	words: '',
	minutes: '',
	cost: '',
	neverAgain: false,
	learns: '',
	...more
});
const settle = (db: Parameters<typeof settleComplaint>[0], id: string, more: Partial<Settling>) =>
	settleComplaint(db, id, { settling: settling(more), currency: 'EUR', actor: ACTOR });

/** The demo's database with a finished fitting of two plates in it. */
async function fitted() {
	const { db } = await demoDatabase();
	const document = demoDocument();
	await importDocument(
		db,
		{
			...document,
			configurations: [],
			units: [],
			products: [],
			accessories: [],
			kits: [],
			proofs: [],
			readings: [],
			complaints: [],
			followUps: [],
			fittings: [
				{
					id: 'F1',
					configuration: CAR as never,
					kit: 'K',
					kitName: 'Plates',
					state: 'finished',
					startedAt: '2026-04-01T08:00:00.000Z',
					finishedAt: '2026-04-01T09:00:00.000Z',
					lamps: { 'turn-front-L': 'OR-PY21-L', 'turn-front-R': 'OR-PY21-L' } as never,
					marks: []
				}
			]
		},
		{ now: ACTOR.now }
	);
	return db;
}

const file = (
	db: Awaited<ReturnType<typeof fitted>>,
	said: ComplaintForm,
	id = 'C1',
	from: 'shop' | 'customer' = 'shop'
) => fileComplaint(db, { said, id, from }, ACTOR);

describe('filing a complaint', () => {
	it('fills in vehicle, product and place from its fitting', async () => {
		const db = await fitted();
		const done = await file(db, {
			fitting: 'F1',
			seen: [{ mode: 'left-turn', symptom: 'not-lit', socket: 'turn-front-L' }]
		});
		expect(done).toEqual({ ok: true, value: 'C1' });
		expect(await findComplaint(db, 'C1')).toMatchObject({
			configuration: CAR,
			product: 'OR-PY21-L',
			socket: 'turn-front-L',
			state: 'open',
			on: '2026-11-26',
			by: 'M. Tveter'
		});
	});

	it.each([
		[{ seen: [] }, 'Say what was seen'],
		[{ code: 'NONE', symptom: 'dark' }, 'no released kit with the code “NONE”'],
		[{ fitting: 'F9', symptom: 'dark' }, 'no fitting “F9”'],
		[{ configuration: CAR, symptom: 'dark', socket: 'attic' }, 'no socket “attic”'],
		[{ configuration: CAR, symptom: 'dark', on: '2027-01-01' }, 'lies in the future']
	] as [ComplaintForm, string][])('%j: %s', async (said, words) => {
		const done = await file(await fitted(), said);
		expect(done.ok ? '' : done.error.message).toContain(words);
	});

	it('the same twice is named, and filed when somebody says that it came again; another vehicle is another', async () => {
		const db = await fitted();
		const said = { configuration: CAR, seen: [{ mode: 'brake', symptom: 'message' }] };
		expect((await file(db, said)).ok).toBe(true);
		const twice = await file(db, said, 'C2');
		expect(twice.ok ? null : twice.error.same).toBe('C1');
		expect((await fileComplaint(db, { said, id: 'C2', from: 'shop', again: true }, ACTOR)).ok).toBe(true);
		expect((await file(db, { ...said, configuration: 'tarrow-packhorse-2014' }, 'C3')).ok).toBe(true);
	});

	it('one about a vehicle nobody has recorded is kept in its words, and nothing is played', async () => {
		const db = await fitted();
		expect((await file(db, { configuration: 'somebody-elses', symptom: 'races' })).ok).toBe(true);
		expect(await showDiagnosis(db, 'C1')).toBeNull();
	});

	it("a customer's own counts for nothing until it is read, and no more than a dozen wait", async () => {
		const db = await fitted();
		await changeAlways(db, (tx) => putComplaint(tx, { id: 'U', state: 'unread', product: 'OR-PY21-L', code: 'AAAA' }));
		const track = async () =>
			(await shopData(db, { configurations: [], products: ['OR-PY21-L'] })).catalogue.find('OR-PY21-L')?.track;
		expect(await track()).toEqual({ fitted: 2, complained: 1, open: 1 });
		await readComplaint(db, 'U', true);
		expect(await track()).toEqual({ fitted: 2, complained: 2, open: 2 });
		await readComplaint(db, 'U', false);
		expect(await track()).toEqual({ fitted: 2, complained: 1, open: 1 });
	});
});

describe('settling', () => {
	it('keeps cause, remedy, minutes and money; the lamp is kept out of its place and its twin, nowhere else', async () => {
		const db = await fitted();
		await file(db, { fitting: 'F1', seen: [{ symptom: 'died', socket: 'turn-front-L' }] });
		const done = await settle(db, 'C1', { minutes: '20', cost: '12.50', neverAgain: true });
		expect(done.ok && done.value.complaint).toMatchObject({
			state: 'settled',
			cause: 'driver-dead',
			remedy: { kind: 'part' },
			minutes: 20,
			cost: 1250,
			settledOn: '2026-11-26',
			neverAgain: true
		});
		const configuration = (await findConfiguration(db, CAR))!;
		const { catalogue, shop } = await shopData(db, { configurations: [configuration] });
		const verdicts = new Map(
			matchConfiguration(configuration, catalogue, shop).map(({ socket, candidates }) => [
				socket.id as string,
				candidates
					.find(({ product }) => product.id === 'OR-PY21-L')
					?.findings.some(({ code }) => code === 'law.never-again')
			])
		);
		expect(['turn-front-L', 'turn-front-R', 'turn-rear-L'].map((id) => verdicts.get(id))).toEqual([true, true, false]);
		expect((await settle(db, 'C1', {})).ok).toBe(false);
		expect((await reopenComplaint(db, 'C1')).ok).toBe(true);
		expect(await findComplaint(db, 'C1')).not.toHaveProperty('neverAgain');
	});

	it('the record learns a threshold, in the same change', async () => {
		const db = await fitted();
		await file(db, { fitting: 'F1', seen: [{ mode: 'left-turn', symptom: 'hyperflash', side: 'left' }] });
		const wrong = await settle(db, 'C1', {
			cause: 'threshold-differs',
			channel: 'turn-left',
			remedy: 'record',
			learns: 'much'
		});
		expect(wrong.ok ? '' : wrong.error).toContain('has to be a number');
		expect((await findComplaint(db, 'C1'))?.state).toBe('open');
		const done = await settle(db, 'C1', {
			cause: 'threshold-differs',
			channel: 'turn-left',
			remedy: 'record',
			learns: '3,4'
		});
		expect(done.ok && done.value.learnt.join()).toContain('3.4');
		expect((await findConfiguration(db, CAR))?.flasher?.thresholdCurrent).toBe(3.4);
	});

	it('a fact of the product goes among its evidence', async () => {
		const db = await fitted();
		await file(db, { fitting: 'F1', seen: [{ mode: 'left-turn', symptom: 'not-lit', socket: 'turn-front-L' }] });
		await settle(db, 'C1', { cause: 'lamp-turned-round', socket: 'turn-front-L', remedy: 'step', learns: 'sensitive' });
		expect((await findProduct(db, 'OR-PY21-L'))?.evidence?.at(-1)).toMatchObject({
			fact: 'polarity',
			value: 'sensitive',
			source: 'in-hand'
		});
	});

	it('the answer of a test stands with its name, the last one counts, and a test nobody can read any more is let be', async () => {
		const db = await fitted();
		await file(db, { fitting: 'F1', seen: [{ mode: 'left-turn', symptom: 'not-lit', socket: 'turn-front-L' }] });
		const first = await showDiagnosis(db, 'C1');
		const [test] = first!.tests;
		await addFound(db, 'C1', { found: { test: test!.id, yes: true }, actor: ACTOR });
		await addFound(db, 'C1', { found: { test: test!.id, yes: false }, actor: ACTOR });
		await addFound(db, 'C1', { found: { test: 'find:gone/x/', yes: true }, actor: ACTOR });
		const then = await showDiagnosis(db, 'C1');
		expect(then!.answered.map(({ yes, by }) => [yes, by])).toEqual([
			[false, 'M. Tveter'],
			[true, 'M. Tveter']
		]);
		expect(then!.causes.map(({ key }) => key)).not.toEqual(first!.causes.map(({ key }) => key));
	});
});

describe('asking after', () => {
	it('by the months of the shop; fine, nobody there, or a complaint; each once', async () => {
		const db = await fitted();
		await setFollowUpMonths(db, '1, 6');
		const due = async () =>
			(await dueToday(db, ACTOR.now, 9)).due
				.filter(({ fitting }) => fitting === 'F1')
				.map(({ months, due: day }) => `${months} ${day}`);
		expect(await due()).toEqual(['6 2026-10-01']);
		const done = await answerFollowUp(
			db,
			{ fitting: 'F1', months: 6, answer: { seen: [{ symptom: 'moisture' }], words: '' }, complaint: 'C7' },
			ACTOR
		);
		expect(done).toEqual({ ok: true, value: 'C7' });
		expect(await due()).toEqual([]);
		expect(await findComplaint(db, 'C7')).toMatchObject({ fitting: 'F1', configuration: CAR });
		expect(await setFollowUpMonths(db, '1, soon')).toMatchObject({
			ok: false,
			error: expect.stringContaining('“soon”')
		});
	});
});

describe('the year of the demo', () => {
	const year = demoYear(demoDocument());

	it('is the same every time, and holds together', async () => {
		expect(JSON.stringify(demoYear(demoDocument()))).toBe(JSON.stringify(year));
		const { db } = await demoDatabase();
		const { format, currency } = demoDocument();
		const empty = { units: [], configurations: [], products: [], accessories: [], kits: [], proofs: [], readings: [] };
		await importDocument(db, { format, currency, ...empty, ...year }, { now: ACTOR.now });
		const common = (await productHistory(db, 'GL-W5-30'))!;
		// Fitted from 2 February to 5 April, half of them dead within six months: the batch is found by its days.
		expect(common.batch!.from >= '2026-02-02' && common.batch!.to <= '2026-04-10').toBe(true);
		expect(common.curves[0]!.steps.at(-1)!.survives).toBeLessThan(0.95);
		const june = await learnedIn(db, '2026-06');
		expect(june.causes[0]).toMatchObject({ cause: 'driver-dead' });
		expect(june.batches.map(({ product }) => product)).toContain('GL-W5-30');
		const taxi = year.complaints.find(
			({ configuration, state }) => configuration === 'fenholm-sound-2015' && state === 'open'
		)!;
		const shown = (await showDiagnosis(db, String(taxi.id)))!;
		expect(shown.causes.slice(0, 5).map(({ cause }) => cause)).toContain('threshold-differs');
	});

	it('goes out and comes back equal, complete and as a document', async () => {
		const { db } = await demoDatabase();
		const { format, currency } = demoDocument();
		const empty = { units: [], configurations: [], products: [], accessories: [], kits: [], proofs: [], readings: [] };
		await importDocument(db, { format, currency, ...empty, ...year }, { now: ACTOR.now });
		const { db: other } = await freshDatabase();
		const complete = completeIn(JSON.parse(JSON.stringify(await exportComplete(db))));
		if (!complete?.ok) throw new Error('no complete export');
		await importComplete(other, complete.value);
		const [a, b] = [await exportAll(db), await exportAll(other)];
		expect([b.complaints, b.followUps, b.fittings]).toEqual([a.complaints, a.followUps, a.fittings]);
		expect(await fittedLampsOf(other, ['GL-W5-30'])).toEqual(await fittedLampsOf(db, ['GL-W5-30']));
		expect((await complaintsAbout(other, ['GL-W5-30'])).length).toBeGreaterThan(20);
	});
});
