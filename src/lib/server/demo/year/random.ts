/** A repeatable source of chance (mulberry32): the demo's year is the same every time. */
export class Chance {
	#state: number;

	constructor(seed: number) {
		this.#state = seed;
	}

	/** A number from 0 to 1. */
	share(): number {
		this.#state = (this.#state + 0x6d2b79f5) | 0;
		let t = Math.imul(this.#state ^ (this.#state >>> 15), 1 | this.#state);
		t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	}

	happens(probability: number): boolean {
		return this.share() < probability;
	}

	between(least: number, most: number): number {
		return least + (most - least) * this.share();
	}

	of<T>(list: readonly T[]): T {
		return list[Math.floor(this.share() * list.length)] as T;
	}

	/** One of a list by its weight. */
	weighted<T>(list: readonly (readonly [T, number])[]): T {
		let left = this.share() * list.reduce((sum, [, weight]) => sum + weight, 0);
		for (const [item, weight] of list) if ((left -= weight) <= 0) return item;
		return (list.at(-1) as readonly [T, number])[0];
	}
}

/** A day some days later. @example dayAfter('2026-01-30', 3) // "2026-02-02" */
export const dayAfter = (day: string, days: number): string =>
	new Date(Date.parse(`${day}T00:00:00Z`) + Math.round(days) * 86_400_000).toISOString().slice(0, 10);
