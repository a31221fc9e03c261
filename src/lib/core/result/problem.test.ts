import { describe, expect, it } from 'vitest';
import { summarise } from './problem';

describe('a list of problems', () => {
	it('is summarised in one line', () => {
		expect(summarise([])).toBe('Nothing is wrong.');
		expect(
			summarise([
				{ path: 'a.b', message: 'is wrong' },
				{ path: '', message: 'x' }
			])
		).toBe('a.b: is wrong (and 1 more)');
	});
});
