import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { openDatabase } from './db/connection';
import { keep } from './keeping';
import { PRACTICE_FOLDER } from './config';
import { listBackups } from './services/backups';

const shop = mkdtempSync(join(tmpdir(), 'rotalux-keeping-'));
const practice = join(shop, PRACTICE_FOLDER);
afterAll(() => rmSync(shop, { recursive: true, force: true }));

const create = async (folder: string) => (await openDatabase(folder)).destroy();
const backups = () => [shop, practice].map((folder) => listBackups(folder).length);

describe('the daily backup', () => {
	it('is made of the shop, and of its practice once somebody has practised, each once a day', async () => {
		await create(shop);
		await keep(shop);
		expect(backups()).toEqual([1, 0]);
		await create(practice);
		await keep(shop);
		await keep(shop);
		expect(backups()).toEqual([1, 1]);
	});
});
