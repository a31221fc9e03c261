/** Where a browser keeps small wishes of the person who sits at it. Given as an argument so that tests can bring their own. */
type Store = Pick<Storage, 'getItem' | 'setItem'>;

/** A list of words that this browser remembers, such as the columns of a table. Words nobody knows any more are dropped. */
export class RememberedWords {
	#words = $state<readonly string[]>([]);

	constructor(
		private readonly key: string,
		private readonly known: readonly string[],
		usual: readonly string[],
		private readonly store: Store | null = typeof localStorage === 'undefined' ? null : localStorage
	) {
		const kept = this.store?.getItem(key);
		this.#words = kept == null ? usual : kept.split(' ').filter((word) => known.includes(word));
	}

	has(word: string): boolean {
		return this.#words.includes(word);
	}

	/** Takes a word in, or out again. */
	toggle(word: string): void {
		const wanted = this.has(word) ? this.#words.filter((one) => one !== word) : [...this.#words, word];
		this.#words = this.known.filter((one) => wanted.includes(one));
		this.store?.setItem(this.key, this.#words.join(' '));
	}
}
