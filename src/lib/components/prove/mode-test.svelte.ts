import type { NewProof } from '$lib/client/prove-desk.svelte';
import type { SeenInstead, ProofOf, TestRound } from '$lib/core/model';
import { tappedRate, testStanding, type ExpectedLine, type TappedRate } from '$lib/core/proof';

type ModeTest = ProofOf<'mode-test'>;
type TestLine = ModeTest['lines'][number];

/** What a test works with. */
export interface TestWorld {
	expected: () => readonly ExpectedLine[];
	/** What is fitted while it is made. */
	fitted: () => Pick<ModeTest, 'lamps' | 'parts'>;
	/** The test that is under way on record; null when none is. */
	begun: () => ModeTest | null;
	keep: (proof: NewProof, finished?: boolean) => Promise<boolean>;
	newId: () => string;
	/** Milliseconds, and the same as an ISO moment. */
	now: () => number;
	stamp: () => string;
}

/** How long lamps warm up before they are tried again, ms. */
export const WARM_UP_MS = 10 * 60_000;

/** A test of every mode while it is made: every answer is kept at once. */
export class ModeTestDesk {
	readonly #world: TestWorld;
	#lines = $state.raw<readonly TestLine[]>([]);
	#id = $state<string | null>(null);
	#looked = $state<{ mode: string; round: TestRound } | null>(null);
	#taps = $state.raw<readonly number[]>([]);
	#clock = $state(0);
	#control = $state.raw<ModeTest['control']>(undefined);

	constructor(world: TestWorld) {
		this.#world = world;
		const begun = world.begun();
		this.#lines = begun?.lines ?? [];
		this.#id = begun?.id ?? null;
		this.#control = begun?.control;
		this.#clock = world.now();
	}

	get lines(): readonly TestLine[] {
		return this.#lines;
	}
	get standing() {
		return testStanding(this.#world.expected(), this.#lines);
	}
	/** The line that is looked at: the one somebody chose, or the next that is open. */
	get at(): { mode: string; round: TestRound } | null {
		return this.#looked ?? this.standing.next;
	}
	/** Whether the dash spoke when a plain lamp was out; undefined while nobody tried. */
	get control(): ModeTest['control'] {
		return this.#control;
	}
	/** Flash rate tapped so far. */
	get tapped(): TappedRate | null {
		return tappedRate(this.#taps);
	}
	get taps(): number {
		return this.#taps.length;
	}
	/** Milliseconds until the lamps are warm; 0 once they are, null while the first round is not done. */
	get warmsFor(): number | null {
		const { done, lines } = this.standing;
		if (done['at-once'] < lines.length) return null;
		const first = Math.max(
			...this.#lines.filter(({ round }) => round === 'at-once').map(({ at }) => Date.parse(at ?? ''))
		);
		return Number.isFinite(first) ? Math.max(0, first + WARM_UP_MS - this.#clock) : 0;
	}

	/** Lets the time go on. */
	tick(): void {
		this.#clock = this.#world.now();
	}
	look(at: { mode: string; round: TestRound } | null): void {
		this.#looked = at;
		this.#taps = [];
	}
	tap(): void {
		this.#taps = [...this.#taps, this.#world.now()];
	}
	clearTaps(): void {
		this.#taps = [];
	}

	#proof(lines: readonly TestLine[]): NewProof {
		this.#id ??= this.#world.newId();
		const control = this.#control ? { control: this.#control } : {};
		return { kind: 'mode-test', id: this.#id, ...this.#world.fitted(), lines: [...lines], ...control } as NewProof;
	}

	/** Answers the line that is looked at. It counts at once; what could not be sent goes along with the next answer. */
	async answer(
		expected: ExpectedLine,
		otherwise: { saw: { what: SeenInstead; sockets: string[] }[]; complained: string[]; note?: string } | null
	): Promise<void> {
		const { at, tapped } = this;
		if (!at) return;
		const line = {
			mode: at.mode,
			round: at.round,
			isAsExpected: otherwise === null,
			saw: otherwise?.saw ?? [],
			complained: otherwise?.complained ?? expected.complained,
			at: this.#world.stamp(),
			...(tapped
				? { flashPerMinute: Math.round(tapped.perMinute), flashSpread: Math.round(tapped.spread * 10) / 10 }
				: {}),
			...(otherwise?.note ? { note: otherwise.note } : {})
		} as TestLine;
		const lines = [...this.#lines, line];
		this.#lines = lines;
		this.look(null);
		await this.#world.keep(this.#proof(lines));
	}

	/** Notes whether the dash spoke when a plain lamp was out of a monitored output. */
	async controlled(channel: string, complained: boolean): Promise<void> {
		this.#control = { channel, complained } as ModeTest['control'];
		await this.#world.keep(this.#proof(this.#lines));
	}

	/** The test is over: what it teaches goes on record. */
	async finish(): Promise<void> {
		await this.#world.keep(this.#proof(this.#lines), true);
	}

	/** Begins another test. */
	again(): void {
		this.#id = null;
		this.#lines = [];
		this.#control = undefined;
		this.look(null);
	}
}
