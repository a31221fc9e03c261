import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase } from '../../../../tests/support/database';
import { type RotaluxDocument } from '../../core/model';
import { readDocument } from '../../core/exchange';
import { demoDocument } from '../demo/document';
import { EMPTY_ANSWER, NEW_LIFE } from '../../core/kit';
import { changeAlways } from '../db/change';
import { addKit, NO_FOUNDATION } from '../repositories/kits';
import { completeIn, exportComplete, importComplete } from './complete';
import { changePolicy } from './policy';
import { mergeConfigurations, splitConfiguration } from './record/create';
import { exportAll, exportVehicle, importDocument } from './exchange';

const NOW = '2026-02-03T04:05:06.000Z';

function parsed(input: unknown): RotaluxDocument {
	const read = readDocument(input);
	if (!read.ok) throw new Error(JSON.stringify(read.error));
	return read.value;
}

describe('export, then import', () => {
	it('loses nothing of the demo', async () => {
		const { db } = await demoDatabase();
		const first = await exportAll(db);
		const { db: other } = await freshDatabase();
		await importDocument(other, parsed(structuredClone(first)), { now: NOW });
		expect(await exportAll(other)).toEqual(first);
		const sorted = (list: { id: string }[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
		expect(sorted(first.configurations as never)).toEqual(sorted(demoDocument().configurations));
		expect(sorted(first.products as never)).toEqual(sorted(demoDocument().products));
	});

	it('keeps fields nobody knows, at the top and inside, and lists no stage reads yet', async () => {
		const { db } = await freshDatabase();
		const [configuration] = demoDocument().configurations;
		const strange = {
			format: 'rotalux/1',
			currency: 'NOK',
			shopNotes: { till: 3 },
			configurations: [{ ...configuration, paint: 'green' }],
			proofs: [{ lamp: 'x', lux: 12 }],
			complaints: [{ id: 1, shade: 'blue' }]
		};
		await importDocument(db, parsed(strange), { now: NOW });
		await importDocument(db, parsed(strange), { now: NOW });
		const out = await exportAll(db);
		expect(out).toMatchObject({
			shopNotes: { till: 3 },
			proofs: strange.proofs,
			complaints: [{ id: '1', shade: 'blue' }]
		});
		expect((out.configurations as { paint?: string }[])[0]?.paint).toBe('green');
	});

	it('takes a whole vehicle with its kits and brings it back', async () => {
		const { db } = await demoDatabase();
		const kit = {
			id: 'K1',
			name: 'A kit',
			configurationId: 'brisken-fjell-650-2010',
			branch: null,
			state: 'draft' as const,
			order: { scope: 'vehicle' as const, balance: 'price' as const, choices: {} },
			answer: EMPTY_ANSWER,
			version: 0,
			standsOn: NO_FOUNDATION,
			life: NEW_LIFE,
			extra: { remark: 'x' },
			createdAt: NOW,
			updatedAt: NOW
		};
		await changeAlways(db, (tx) => addKit(tx, kit));
		const first = await exportVehicle(db, 'brisken-fjell-650-2010');
		const { db: other } = await freshDatabase();
		await importDocument(other, parsed(structuredClone(first)), { now: NOW });
		expect(await exportVehicle(other, 'brisken-fjell-650-2010')).toEqual(first);
		expect((first?.kits as object[])[0]).toMatchObject({ id: 'K1', remark: 'x' });
	});
});

describe('a complete export', () => {
	it('comes back equal, histories, settings, merges and supplier headings included', async () => {
		const { db } = await demoDatabase();
		const actor = { by: 'A. Person', now: NOW };
		await changePolicy(db, { headlamps: 'signals-only' });
		const bike = 'brisken-fjell-650-2010';
		const parted = await splitConfiguration(db, { id: bike, cut: { by: 'year', from: 2012 } }, actor);
		await mergeConfigurations(db, { keep: bike, drop: parted.ok ? parted.value.id : '' }, actor);
		const first = JSON.parse(JSON.stringify(await exportComplete(db)));
		const { db: other } = await freshDatabase();
		const read = completeIn(first);
		expect(read?.ok && (await importComplete(other, read.value)).ok).toBe(true);
		expect(JSON.parse(JSON.stringify(await exportComplete(other)))).toEqual(first);
		expect(read?.ok && (await importComplete(other, read.value)).ok).toBe(false);
	});
});

describe('import', () => {
	it('is all or nothing: when one write fails, nothing of it stays', async () => {
		const { db } = await freshDatabase();
		const doc = demoDocument();
		const broken = {
			...doc,
			kits: [
				{
					id: 'K',
					name: 'K',
					configuration: doc.configurations[0]!.id,
					state: 'released',
					order: {},
					revisions: [{ revision: null, code: null }]
				}
			]
		} as never;
		await expect(importDocument(db, broken, { now: NOW })).rejects.toThrow();
		expect((await exportAll(db)).configurations).toEqual([]);
	});

	it('leaves out a kit whose vehicle is not there, and says so', async () => {
		const { db } = await freshDatabase();
		const report = await importDocument(
			db,
			parsed({ format: 'rotalux/1', kits: [{ id: 'K', name: 'Lost', configuration: 'nobody', order: {} }] }),
			{ now: NOW }
		);
		expect(report).toMatchObject({ kits: 0, kept: ['Kit Lost was left out: its vehicle nobody is not here.'] });
	});
});
