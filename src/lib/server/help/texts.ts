import { read } from '$app/server';

const files: Record<string, string> = import.meta.glob('/docs/help/*.md', {
	query: '?raw',
	import: 'default',
	eager: true
});
const pictures: Record<string, string> = import.meta.glob('/docs/screenshots/*.png', {
	query: '?url',
	import: 'default',
	eager: true
});

/** The Markdown of a page of the help; null when there is none of that name. */
export const helpText = (topic: string): string | null => files[`/docs/help/${topic}.md`] ?? null;

/** Name of a picture in docs/screenshots that a page of the help refers to. */
export const pictureName = (href: string): string => href.replace(/^(?:\.\.\/)?screenshots\//, '');

/** The file of a picture, PNG, by its name in docs/screenshots; null when there is none. */
export async function pictureFile(name: string): Promise<Buffer | null> {
	const url = pictureUrl(name);
	return url === null ? null : Buffer.from(await read(url).arrayBuffer());
}

/** Address of a picture that the help shows by its name in docs/screenshots; null when there is none. */
export const pictureUrl = (name: string): string | null => pictures[`/docs/screenshots/${name}`] ?? null;
