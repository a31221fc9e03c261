import { describe, expect, it } from 'vitest';
import { dataFolder } from './config';

describe('the data folder', () => {
	it('is as set, or the shop under the project', () => {
		expect(dataFolder({ ROTALUX_DATA: '/somewhere' })).toBe('/somewhere');
		expect(dataFolder({})).toMatch(/\.rotalux\/shop$/);
	});
});
