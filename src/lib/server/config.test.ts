import { describe, expect, it } from 'vitest';
import { dataFolder, mostPictureBytes } from './config';

describe('the data folder', () => {
	it('is as set, or the shop under the project', () => {
		expect(dataFolder({ ROTALUX_DATA: '/somewhere' })).toBe('/somewhere');
		expect(dataFolder({})).toMatch(/\.rotalux\/shop$/);
	});
});

it('pictures take what was said, and 20 GB where nobody said anything sensible', () => {
	expect(mostPictureBytes({ ROTALUX_PICTURES: '3' })).toBe(3_000_000);
	for (const said of [undefined, 'much', '-1'])
		expect(mostPictureBytes(said === undefined ? {} : { ROTALUX_PICTURES: said })).toBe(20_000_000_000);
});
