import { describe, expect, it } from 'vitest';
import { download } from './download';

describe('downloads', () => {
	it('have a name that cannot break the header', () => {
		const header = download('x', 'kit "K1"\r\nSet-Cookie: a=b.pdf', 'text/plain').headers.get('content-disposition');
		expect(header).toBe('attachment; filename="kit-K1-Set-Cookie-a-b.pdf"');
	});
});
