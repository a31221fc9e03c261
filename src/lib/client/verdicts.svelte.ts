import { getContext, setContext } from 'svelte';
import type { Verdict } from '$lib/core/match/findings/verdict';
import type { SocketView } from '$lib/core/views';

type Known = Readonly<Record<string, Verdict | null>>;

/** The verdicts of a vehicle's sockets: asked for once its page stands, so that no page waits until thousands of lamps are judged. */
export class Verdicts {
	#known = $state.raw<Known | null>(null);
	#asked = 0;

	readonly #address: () => string;
	readonly #fetch: typeof fetch;

	constructor({ address, fetch: ask }: { address: () => string; fetch: typeof fetch }) {
		this.#address = address;
		this.#fetch = ask;
	}

	/** Asks for them; what comes late is left aside. */
	async look(): Promise<void> {
		const own = ++this.#asked;
		const answer = await this.#fetch(this.#address()).catch(() => null);
		const known = answer?.ok ? ((await answer.json()) as Known) : null;
		if (own === this.#asked && known) this.#known = known;
	}

	/** Forgets those of another vehicle. */
	forget(): void {
		this.#asked += 1;
		this.#known = null;
	}

	/** Sockets with the verdicts that are known by now. */
	on(sockets: readonly SocketView[]): SocketView[] {
		const known = this.#known;
		return sockets.map((socket) => ({ ...socket, verdict: known?.[socket.id] ?? socket.verdict }));
	}

	/** How many sockets have no LED that is sure to fit; null before it is known. */
	undecided(sockets: readonly SocketView[]): number | null {
		if (this.#known === null) return null;
		return this.on(sockets).filter(({ verdict }) => verdict === 'unknown' || verdict === 'refused').length;
	}
}

const KEY = Symbol('verdicts');

/** Hands the verdicts to the pages of a vehicle. */
export const setVerdicts = (verdicts: Verdicts): Verdicts => setContext(KEY, verdicts);

/** The verdicts of the vehicle this page is of. */
export const verdictsHere = (): Verdicts => getContext<Verdicts>(KEY);
