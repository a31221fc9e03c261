import { describe, expect, it } from 'vitest';
import { MAX_FILE_BYTES } from '../core/quantity';
import { uploadedBytes } from './upload';

describe('uploads', () => {
	const form = (size: number, name = 'file.json') => {
		const data = new FormData();
		data.set('file', new File([new Uint8Array(size)], name));
		return data;
	};

	it('are read up to 10 MB, and refused above with their size', async () => {
		expect((await uploadedBytes(form(MAX_FILE_BYTES), 'file')).ok).toBe(true);
		expect(await uploadedBytes(form(MAX_FILE_BYTES + 1, 'big.json'), 'file')).toEqual({
			ok: false,
			error: expect.stringContaining('big.json is 10 MB')
		});
		expect(await uploadedBytes(form(12_340_000, 'big.json'), 'file')).toEqual({
			ok: false,
			error: expect.stringContaining('big.json is 12.3 MB; at most 10 MB')
		});
	});

	it('that are empty or no file are said to be', async () => {
		for (const data of [new FormData(), form(0)])
			expect(await uploadedBytes(data, 'file')).toEqual({
				ok: false,
				error: expect.stringContaining('No file was chosen')
			});
	});
});
