import { describe, expect, it } from 'vitest';
import { allLookedAt, demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { kitOrder } from '../../core/model';
import { wiresOf, type LineView } from '../../core/views';
import { customerLink } from '../customer-link';
import { checkDraft, kitSheet, releaseKit, startKit } from '../services/kits';
import { customerKit } from '../services/kits/customer';
import { PAPERS, paperOf } from './papers';
import { byShelf } from './pdf/pick-list';
import { qrCode } from './qr';

const VAN = 'tarrow-packhorse-2014';

async function releasedVan() {
	const { db } = await demoDatabase();
	const ctx = kitContextOn(db);
	await startKit(ctx, VAN, { name: 'Post van', order: kitOrder.parse({ scope: 'signals' }) });
	await checkDraft(ctx, 'K1', { by: 'A. Person', found: await allLookedAt(ctx, 'K1') });
	const released = await releaseKit(ctx, 'K1');
	if (!released.ok) throw new Error(released.error);
	return { db, sheet: (await kitSheet(db, VAN, { id: 'K1' }))! };
}

describe('the papers of a kit', () => {
	it('are PDFs in both sizes, and each a paper of its own', async () => {
		const { sheet } = await releasedVan();
		for (const { name, print } of PAPERS)
			for (const [paper, size] of [
				['A4', '595.28 841.89'],
				['LETTER', '612 792']
			] as const) {
				const pdf = (await print(sheet, paper, 'http://shop.invalid/k/K1-R1')).toString('latin1');
				// Whole files in a failure would say nothing to anybody.
				const said = {
					begins: pdf.startsWith('%PDF-'),
					size: pdf.includes(`[0 0 ${size}]`),
					font: /IBMPlexSans/.test(pdf)
				};
				expect([name, said]).toEqual([name, { begins: true, size: true, font: true }]);
			}
	});

	it.each([
		['', 'A4'],
		['?paper=letter', 'LETTER'],
		['?paper=tabloid', 'A4']
	])('an address with %s asks for %s', (query, paper) =>
		expect(paperOf(new URL(`http://x/sheet.pdf${query}`))).toBe(paper)
	);

	it('the pick list goes along the shelves in the order of their numbers, what has none last, what the customer has not at all', () => {
		const line = (sku: string, shelf: string | undefined, packs = 1) => ({ sku, shelf, packs }) as LineView;
		const shelves = byShelf([
			line('a', 'B10'),
			line('b', undefined),
			line('c', 'B2'),
			line('d', 'B10'),
			line('e', 'A1', 0)
		]);
		expect(shelves.map(([shelf, lines]) => [shelf, lines.map((l) => l.sku)])).toEqual([
			['B2', ['c']],
			['B10', ['a', 'd']],
			['No shelf on record', ['b']]
		]);
	});

	it('wires are named for the parts that are in the kit and have any', () => {
		const kit = {
			parts: [
				{ accessory: 'R', name: 'Load' },
				{ accessory: 'X', name: 'Cap' }
			] as LineView[]
		};
		expect(
			wiresOf({ kit, wires: { R: [{ colour: 'red', to: 'feed' }], Y: [{ colour: 'blue', to: 'earth' }] } })
		).toEqual(['Load: red to feed.']);
	});
});

describe('the code of a kit', () => {
	it('is a square of 21 + 4n squares with its three finders', () => {
		const { size, path } = qrCode('http://shop.invalid/k/K1-R1');
		expect((size - 17) % 4).toBe(0);
		const dark = new Set([...path.matchAll(/M(\d+) (\d+)/g)].map(([, x, y]) => `${x} ${y}`));
		for (const [x, y] of [
			[0, 0],
			[size - 7, 0],
			[0, size - 7]
		] as const)
			for (let i = 0; i < 7; i++) for (const at of [`${x + i} ${y}`, `${x} ${y + i}`]) expect(dark.has(at)).toBe(true);
		expect(
			dark.has(`${size - 1} ${size - 1}`) && dark.has(`${size - 7} ${size - 7}`) && dark.has(`${size - 7} ${size - 1}`)
		).toBe(false);
	});

	it('leads to the public address of the shop where one is set', () => {
		const url = new URL('http://127.0.0.1:4173/vehicles/x');
		expect(customerLink(url, 'CODE-1', {})).toBe('http://127.0.0.1:4173/k/CODE-1');
		expect(customerLink(url, 'CODE-1', { ROTALUX_PUBLIC: 'https://shop.invalid/' })).toBe(
			'https://shop.invalid/k/CODE-1'
		);
	});
});

describe("the customer's page", () => {
	it('says what goes where and what stays, and nothing of prices or people', async () => {
		const { db } = await releasedVan();
		const kit = await customerKit(db, 'CODE-1');
		expect(kit?.vehicle).toContain('Tarrow Packhorse');
		expect(kit?.places.length).toBeGreaterThan(3);
		expect(kit?.newer).toBeNull();
		expect(JSON.stringify(kit)).not.toMatch(/price|margin|A\. Person|"total"/);
	});

	it('is not there for a draft, or a code nobody released', async () => {
		const { db } = await demoDatabase();
		await startKit(kitContextOn(db), VAN, { name: 'Van', order: kitOrder.parse({ scope: 'cabin' }) });
		expect(await customerKit(db, 'K1')).toBeNull();
		expect(await customerKit(db, 'CODE-1')).toBeNull();
	});
});
