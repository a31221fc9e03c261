/** Numbers for values, from 0 in the order they come: the same for equal ones. A value is anything that JSON tells apart. */
export class Numbers {
	private readonly known = new Map<unknown, number>();

	/** How many values there are. */
	get size(): number {
		return this.known.size;
	}

	of(value: unknown): number {
		const key = typeof value === 'object' && value !== null ? JSON.stringify(value) : value;
		const there = this.known.get(key);
		if (there !== undefined) return there;
		this.known.set(key, this.known.size);
		return this.known.size - 1;
	}
}
