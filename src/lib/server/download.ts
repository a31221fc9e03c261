/** A response that a browser saves as a file. The name keeps to plain letters, so that no header can be broken by it. */
export function download(body: string | Buffer, name: string, type: string): Response {
	const plain = name.replace(/[^A-Za-z0-9._-]+/g, '-');
	return new Response(typeof body === 'string' ? body : new Uint8Array(body), {
		headers: { 'content-type': type, 'content-disposition': `attachment; filename="${plain}"` }
	});
}
