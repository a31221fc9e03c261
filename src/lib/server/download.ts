import { fileName } from './slug';

/** A response that a browser saves as a file. The name keeps to plain letters, so that no header can be broken by it. */
export function download(body: string | Buffer, name: string, type: string): Response {
	const dot = name.lastIndexOf('.');
	const [stem, ending] = dot > 0 ? [name.slice(0, dot), name.slice(dot + 1)] : [name, ''];
	const plain = [fileName(stem) || 'rotalux', fileName(ending)].filter(Boolean).join('.');
	return new Response(typeof body === 'string' ? body : new Uint8Array(body), {
		headers: { 'content-type': type, 'content-disposition': `attachment; filename="${plain}"` }
	});
}
