import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { searchIds, vehicleWordsAmong } from '../repositories/search';
import { vinService } from '../stand-ins/vin';
import { httpVin } from '../stand-ins/vin/http';
import { simulatedVin } from '../stand-ins/vin/simulated';
import { showAcross } from './across';
import { compareVehicles, identifyVehicle } from './identify';

const NOW = '2026-11-25T08:00:00.000Z';
const at = (line: string, answers = {}) => ({ line, answers, now: NOW });

describe('search', () => {
	it.each([
		['skery', 'fenholm-skerry-i-2012'],
		['fenhlom 2012', 'fenholm-skerry-i-2012'],
		['packhose', 'tarrow-packhorse-2014'],
		['FJELL', 'brisken-fjell-650-2010'],
		['motorbike', 'brisken-fjell-650-2010'],
		['skerry-hatch 2019', 'fenholm-skerry-ii-2017']
	])('%s finds %s', async (line, id) => {
		const { db } = await demoDatabase();
		expect((await searchIds(db, line.toLowerCase().split(' '), 20)).ids).toContain(id);
	});

	it('forgives no slip in a year or a short word, and reads a word that fits as it stands', async () => {
		const { db } = await demoDatabase();
		for (const line of ['2031', 'ii2', 'xyz', 'zzzzzz']) expect((await searchIds(db, [line], 9)).ids).toEqual([]);
		expect((await searchIds(db, ['sker'], 9)).read).toEqual([]);
		expect((await searchIds(db, ['skery'], 9)).read).toEqual([{ typed: 'skery', as: ['skerry'] }]);
		expect(await vehicleWordsAmong(db, ['skerr', 'skery', '', '-'])).toEqual(new Set(['skerr']));
	});
});

describe('identifying', () => {
	it('a number of 17 characters is decoded, checked against the record, and narrowed on', async () => {
		const { db } = await demoDatabase();
		const found = await identifyVehicle(db, at('0FHSK2R05J0000001'), simulatedVin);
		expect(found.vin).toMatchObject({ simulated: true, says: 'Fenholm, Skerry, II, reflector', year: 2018 });
		expect(found.possible.map((v) => v.id)).toEqual(['fenholm-skerry-ii-2017-reflector']);
		const stranger = await identifyVehicle(db, at('0ZZSK2R05J0000001'), simulatedVin);
		expect(stranger).toMatchObject({ found: 0, vin: { says: null, trouble: null } });
	});

	it('a decoder that does not answer is no dead end', async () => {
		const { db } = await demoDatabase();
		const dead = httpVin('http://127.0.0.1:9/vin');
		const found = await identifyVehicle(db, at('0FHSK2R05J0000001'), dead);
		expect(found.vin?.trouble).toContain('did not answer; search by make and model instead');
	});

	it('another service can be set in the place of the stand-in', async () => {
		expect(vinService({}).simulated).toBe(true);
		expect(vinService({ ROTALUX_VIN_SERVICE: 'http://decoder.example/v1' })).toMatchObject({
			name: 'decoder.example',
			simulated: false
		});
		const asked: string[] = [];
		const answer = (status: number, body: unknown) => (url: unknown) => {
			asked.push(String(url));
			return Promise.resolve(new Response(JSON.stringify(body), { status }));
		};
		const parts = { vin: 'V', maker: '', descriptor: '', years: [], checkDigit: 'right' as const };
		const good = httpVin('http://decoder.example/v1/', answer(200, { make: 'A', model: 'B' }) as never);
		expect(await good.decode(parts)).toEqual({ make: 'A', model: 'B' });
		expect(asked).toEqual(['http://decoder.example/v1/V']);
		expect(await httpVin('http://d.example', answer(404, {}) as never).decode(parts)).toBeNull();
		await expect(httpVin('http://d.example', answer(200, { make: 7 }) as never).decode(parts)).rejects.toThrow();
		await expect(httpVin('http://d.example', answer(500, {}) as never).decode(parts)).rejects.toThrow('answered 500');
	});

	it('nothing typed is nothing asked, and nothing known is said', async () => {
		const { db } = await demoDatabase();
		expect(await identifyVehicle(db, at(' '), simulatedVin)).toMatchObject({ found: 0, next: null });
		expect((await identifyVehicle(db, at('zeppelin'), simulatedVin)).found).toBe(0);
	});
});

describe('a vehicle that may be several', () => {
	it('is served by what fits all of them, with the worst verdict', async () => {
		const { db } = await demoDatabase();
		const ids = ['fenholm-skerry-ii-2017', 'fenholm-skerry-ii-2022'];
		const { places } = await showAcross(db, ids);
		const place = (name: string) => places.find((p) => p.name.startsWith(name));
		expect(place('Rear turn')).toMatchObject({ categories: ['WY21W', 'W21W'] });
		expect(place('Glovebox')?.best.length).toBeGreaterThan(0);
		expect(place('Daytime running')).toMatchObject({ categories: ['P21/5W', null], best: [] });
		expect((await compareVehicles(db, ids)).differences.map((d) => d.place)).toContain('Rear turn, both');
	});
});
