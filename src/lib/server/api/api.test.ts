import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { seenFrom } from '../db/branch';
import { openBranch } from '../services/branches';
import { bringOver } from '../services/bring-over';
import { createToken, goodToken, takeBackToken } from '../access/tokens';
import { listTokens } from '../repositories/api-tokens';
import { wantedBy } from '../repositories/demand';
import { CounterLog } from '../services/counter-log';
import { checkDraft, releaseKit, startKit } from '../services/kits';
import { kitOrder } from '../../core/model';
import { allLookedAt } from '../../../../tests/support/database';
import { simulatedVin } from '../stand-ins/vin/simulated';
import { API_ERRORS, API_SCOPE_IDS, type ApiScope, type ApiTools } from './api';
import { ENDPOINTS } from './endpoints';
import { openApi } from './openapi';
import { serve } from './serve';

const NOW = '2026-11-29T10:00:00.000Z';
const CAR = 'fenholm-skerry-ii-2017';

function toolsOn(db: Knex): ApiTools & { log: CounterLog } {
	const log = new CounterLog(
		() => Promise.resolve(db),
		1e6,
		() => undefined
	);
	return {
		db,
		log,
		kits: (branch) => Promise.resolve(kitContextOn(seenFrom(db, branch), NOW)),
		vin: simulatedVin,
		now: NOW,
		asked: (vehicle, answers) => log.noteAsked(db, { vehicle, answers }, '2026-11-29')
	};
}

/** Asks as a program would; the answer as it comes out of the wire. */
async function ask(tools: ApiTools, address: string, scopes: readonly ApiScope[] = API_SCOPE_IDS) {
	const { pathname, searchParams } = new URL(address, 'http://shop');
	const { status, body } = await serve({ path: pathname, search: searchParams, scopes }, tools);
	return { status, body: JSON.parse(JSON.stringify(body)) };
}

describe('a program', () => {
	it('finds the vehicle by questions, the lamps for its places, and what a kit costs', async () => {
		const { db } = await demoDatabase();
		const tools = toolsOn(db);
		const first = await ask(tools, '/vehicles?line=skerry');
		expect(first.body.left).toBeGreaterThan(1);
		let said = '';
		for (let found = first.body; found.question;) {
			said += `&answer=${encodeURIComponent(`${found.question.id}=${found.question.answers[0].id}`)}`;
			const next = (await ask(tools, `/vehicles?line=skerry${said}`)).body;
			expect(next.left).toBeLessThanOrEqual(found.left);
			expect(next.question?.id).not.toBe(found.question.id);
			found = next;
			if (!next.question) expect(next.left).toBeLessThan(first.body.left);
		}
		const { body: car } = await ask(tools, `/vehicles/${CAR}`);
		const stop = car.sockets.find(({ functions }: { functions: string[] }) => functions.includes('stop'));
		const { body: lamps } = await ask(tools, `/vehicles/${CAR}/sockets/${stop.id}/lamps?most=5`);
		expect(lamps.candidates).toHaveLength(5);
		expect(lamps.candidates[0]).toMatchObject({ verdict: 'parts', product: 'GL-W215-RDC' });
		const { body: refused } = await ask(tools, `/vehicles/${CAR}/sockets/${stop.id}/lamps?verdict=refused`);
		for (const one of refused.candidates)
			expect([one.verdict, one.findings[0].code]).toEqual(['refused', expect.any(String)]);
		const { body: kit } = await ask(tools, `/vehicles/${CAR}/kit?scope=rear`);
		expect(kit.prices.map(({ balance }: { balance: string }) => balance)).toEqual(['price', 'light', 'ease']);
		expect(kit.currency).toBe('EUR');
	});

	it('asks for a branch of a chain, and is told where else there are some', async () => {
		const { db } = await demoDatabase();
		const tools = toolsOn(db);
		expect((await ask(tools, '/branches')).body).toEqual({ branches: [] });
		await openBranch(db, { name: 'Quay', first: 'Harbour' });
		expect((await ask(tools, '/branches')).body.branches).toMatchObject([{ id: 'harbour' }, { id: 'quay' }]);
		const { body: car } = await ask(tools, `/vehicles/${CAR}`);
		const stop = car.sockets.find(({ functions }: { functions: string[] }) => functions.includes('stop'));
		const lamps = `/vehicles/${CAR}/sockets/${stop.id}/lamps`;
		const [here] = (await ask(tools, lamps)).body.candidates;
		expect(here.elsewhere).toEqual([]);
		const { sku } = here.pack;
		const before = (await ask(tools, `/stock/${sku}`)).body;
		const actor = { by: null, now: NOW };
		await bringOver(db, { id: here.product, sku, packs: 1, from: null, to: 'quay' }, actor);
		expect((await ask(tools, `/stock/${sku}?branch=quay`)).body).toMatchObject({
			packs: 1,
			branches: [
				{ branch: 'harbour', packs: before.packs - 1 },
				{ branch: 'quay', packs: 1 }
			]
		});
		await bringOver(db, { id: here.product, sku, packs: 1, from: 'quay', to: null }, actor);
		const { body: there } = await ask(tools, `${lamps}?branch=quay`);
		expect(there.candidates.find(({ product }: { product: string }) => product === here.product)).toMatchObject({
			stock: 0,
			elsewhere: [{ branch: 'Harbour', pieces: here.stock }]
		});
		const costs = async (branch: string, shelves = 'branch') =>
			(await ask(tools, `/vehicles/${CAR}/kit?scope=rear&branch=${branch}&shelves=${shelves}`)).body.prices[0];
		expect((await costs('quay')).served).toBeLessThan((await costs('harbour')).served);
		expect(await costs('quay', 'all')).toEqual(await costs('harbour'));
		expect((await costs('quay')).served).toBeLessThan((await costs('harbour')).served);
		expect(await ask(tools, `${lamps}?branch=nowhere`)).toMatchObject({ status: 404 });
	});

	it('sees a released kit by its code, and the shelf, and what was asked for in vain', async () => {
		const { db } = await demoDatabase();
		const tools = toolsOn(db);
		const ctx = kitContextOn(db, NOW);
		const bike = 'brisken-fjell-650-2010';
		const kit = await startKit(ctx, bike, { name: 'K', order: kitOrder.parse({}) });
		if (!kit.ok) throw new Error(kit.error);
		await checkDraft(ctx, kit.value.id, { by: 'Anna', found: await allLookedAt(ctx, kit.value.id) });
		const released = await releaseKit(ctx, kit.value.id);
		const code = released.ok ? released.value.code : '';
		const { body: shown } = await ask(tools, `/kits/${code.toLowerCase()}`);
		expect(shown).toMatchObject({ code, newer: null });
		expect(shown.lines.length).toBeGreaterThan(0);
		const { body: lamps } = await ask(tools, `/vehicles/${CAR}`);
		for (const { id } of lamps.sockets) await ask(tools, `/vehicles/${CAR}/sockets/${id}/lamps?most=1`);
		await tools.log.write();
		const { body: vain } = await ask(tools, '/demand/in-vain?since=2026-11-29');
		const wanted = (await wantedBy(db, ['asked'], { since: '2026-11-29', inVain: true })).length;
		expect(vain.wanted).toHaveLength(wanted);
		const [row] = await db('packs').orderBy('sku').limit(1).select('sku');
		expect((await ask(tools, `/stock/${row.sku.toLowerCase()}`)).body).toMatchObject({ sku: row.sku });
	});

	it.each([
		['/nothing', 'not-found'],
		['/vehicles/nobody', 'not-found'],
		['/vehicles/nobody/kit', 'not-found'],
		[`/vehicles/${CAR}/sockets/nowhere/lamps`, 'not-found'],
		['/kits/AAAA-AAAA-AAAA', 'not-found'],
		['/stock/nothing', 'not-found'],
		['/vehicles', 'bad-request'],
		['/vehicles?line=skerry&answer=what', 'bad-request'],
		['/vehicles?line=skerry&line=again', 'bad-request'],
		['/vehicles?line=skerry&colour=red', 'bad-request'],
		[`/vehicles/${CAR}/kit?scope=all`, 'bad-request'],
		[`/vehicles/${CAR}/kit?shelves=some`, 'bad-request'],
		[`/vehicles/${CAR}/sockets/x/lamps?most=0`, 'bad-request'],
		['/demand/in-vain?since=yesterday', 'bad-request'],
		['/vehicles/%E0%A4%A', 'bad-request']
	] as const)('is told what is wrong with %s: %s', async (address, code) => {
		const { db } = await demoDatabase();
		const { status, body } = await ask(toolsOn(db), address);
		expect([status, body.error.code]).toEqual([API_ERRORS[code], code]);
		expect(body.error.message).toMatch(/^.{8,}\.$/);
	});

	it('may ask what its token is good for, and nothing else', async () => {
		const { db } = await demoDatabase();
		const tools = toolsOn(db);
		for (const { path, scope } of ENDPOINTS) {
			const address = path
				.replace('{vehicle}', CAR)
				.replace('{socket}', 'dome')
				.replace(/\{\w+\}/, 'x');
			const others = API_SCOPE_IDS.filter((one) => one !== scope);
			expect((await ask(tools, address, others)).body.error.code).toBe('no-scope');
		}
	});
});

describe('a token', () => {
	it('is shown once, is good until its last day or until it is taken back, and for what it was made for', async () => {
		const { db } = await demoDatabase();
		const made = await createToken(
			db,
			{ name: 'Web shop', scopes: ['kit', 'everything'], goodUntil: '2026-12-31' },
			NOW
		);
		const token = made.ok ? made.value : '';
		const header = `Bearer ${token}`;
		expect(JSON.stringify(await db('api_tokens'))).not.toContain(token);
		expect((await goodToken(db, header, NOW))?.scopes).toEqual(['kit']);
		expect(await goodToken(db, header, '2027-01-01T00:00:00.000Z')).toBeNull();
		for (const wrong of [null, '', token, `Bearer ${token}x`, 'Bearer x'])
			expect(await goodToken(db, wrong, NOW)).toBeNull();
		const [kept] = await listTokens(db);
		expect(await takeBackToken(db, kept?.id ?? 0, NOW)).toBe(true);
		expect(await goodToken(db, header, NOW)).toBeNull();
		expect((await createToken(db, { name: ' ', scopes: ['kit'] }, NOW)).ok).toBe(false);
		expect((await createToken(db, { name: 'X', scopes: [] }, NOW)).ok).toBe(false);
	});
});

describe('the description', () => {
	it('names every endpoint with its types, its errors and its scope', () => {
		const document = JSON.parse(JSON.stringify(openApi('http://shop/api/v1')));
		expect(Object.keys(document.paths)).toEqual(ENDPOINTS.map(({ path }) => path));
		for (const { path } of ENDPOINTS) {
			const { get } = document.paths[path];
			expect(get.security).toEqual([{ token: [] }]);
			expect(Object.keys(get.responses)).toEqual(expect.arrayContaining(['200', '401', '403', '404', '429']));
			const named = (get.parameters ?? []).filter((one: { in: string }) => one.in === 'path').length;
			expect(named).toBe(path.split('{').length - 1);
		}
		expect(document.components.schemas).toHaveProperty('Candidate');
	});
});
