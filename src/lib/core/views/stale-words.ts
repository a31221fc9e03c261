/** Most things named one by one. */
const NAMED = 3;

/** What has changed under a kit, as a sentence. @example "Changed since this kit was worked out: the shop's policy." */
export function staleWords(changed: readonly string[]): string {
	const more = changed.length > NAMED ? ` and ${changed.length - NAMED} more` : '';
	return `Changed since this kit was worked out: ${changed.slice(0, NAMED).join(', ')}${more}.`;
}
