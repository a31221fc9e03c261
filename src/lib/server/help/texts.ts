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

/** Address of a picture that the help shows by its name in docs/screenshots; null when there is none. */
export const pictureUrl = (name: string): string | null => pictures[`/docs/screenshots/${name}`] ?? null;
