/** Where a browser keeps small preferences of the person who sits at it. Given as an argument so that tests can bring their own. */
type Store = Pick<Storage, 'getItem' | 'setItem'>;

const browserStore = (): Store | null => (typeof localStorage === 'undefined' ? null : localStorage);

/** A list of words that this browser remembers, such as the columns of a table. Words nobody knows any more are dropped. */
export class RememberedWords {
	#words = $state<readonly string[]>([]);

	readonly #key: string;
	readonly #choices: readonly string[];
	readonly #store: Store | null;

	constructor(
		{ key, choices, usual }: { key: string; choices: readonly string[]; usual: readonly string[] },
		store = browserStore()
	) {
		this.#key = key;
		this.#choices = choices;
		this.#store = store;
		const kept = store?.getItem(key);
		this.#words = kept == null ? usual : kept.split(' ').filter((word) => choices.includes(word));
	}

	has(word: string): boolean {
		return this.#words.includes(word);
	}

	/** Takes a word in, or out again. */
	toggle(word: string): void {
		const wanted = this.has(word) ? this.#words.filter((one) => one !== word) : [...this.#words, word];
		this.#words = this.#choices.filter((one) => wanted.includes(one));
		this.#store?.setItem(this.#key, this.#words.join(' '));
	}
}
