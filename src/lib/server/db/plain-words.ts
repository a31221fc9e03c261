/** What stands between typed words and between the words of the index alike; marks over letters do not count. */
export function plainWords(typed: readonly string[]): string[] {
	return typed
		.flatMap((word) =>
			word
				.normalize('NFD')
				.replace(/\p{M}/gu, '')
				.toLowerCase()
				.split(/[^\p{L}\p{N}]+/u)
		)
		.filter(Boolean);
}
