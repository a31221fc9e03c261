import { getContext, setContext } from 'svelte';
import type { Proof } from '../core/model';

/** A proof as a page makes it: where, when and by whom is added by the server. */
export type NewProof = Proof extends infer P
	? P extends Proof
		? Omit<P, 'configuration' | 'on' | 'by'>
		: never
	: never;

/** What the desk needs from outside. */
export interface ProveWorld {
	/** Addresses that take proofs, and pictures. */
	proofs: () => string;
	pictures: () => string;
	fetch: typeof fetch;
	/** Reads the page anew. */
	refresh: () => Promise<void>;
	uid: () => string;
}

const KEY = Symbol('prove desk');

/** Keeps what was measured; what could not be sent stays on the page, with the reason. */
export class ProveDesk {
	readonly #world: ProveWorld;
	#busy = $state(false);
	#trouble = $state<string | null>(null);
	#taught = $state.raw<readonly string[]>([]);
	#kept = $state(0);

	constructor(world: ProveWorld) {
		this.#world = world;
	}

	get busy(): boolean {
		return this.#busy;
	}
	/** Why the last one was not kept. */
	get trouble(): string | null {
		return this.#trouble;
	}
	/** What the last one changed on record, a sentence each. */
	get taught(): readonly string[] {
		return this.#taught;
	}
	/** How many were kept since the page was opened. */
	get kept(): number {
		return this.#kept;
	}

	newId(): string {
		return `P${this.#world.uid()}`;
	}

	async #post(address: string, body: BodyInit, type?: string): Promise<Record<string, unknown> | null> {
		this.#busy = true;
		this.#trouble = null;
		try {
			const response = await this.#world.fetch(address, {
				method: 'POST',
				body,
				...(type ? { headers: { 'content-type': type } } : {})
			});
			const answer = (await response.json()) as Record<string, unknown>;
			if (response.ok) return answer;
			this.#trouble = String(answer.message ?? 'The server did not take it. It is still on this page.');
		} catch {
			this.#trouble = 'There is no connection. What you entered is still on this page: send it again.';
		} finally {
			this.#busy = false;
		}
		return null;
	}

	/** Keeps a proof. @returns whether it was */
	async keep(proof: NewProof, finished = false): Promise<boolean> {
		const body = JSON.stringify({ proof, finished });
		const answer = await this.#post(this.#world.proofs(), body, 'application/json');
		if (!answer) return false;
		this.#taught = answer.taught as string[];
		this.#kept += 1;
		await this.#world.refresh();
		return true;
	}

	/** Keeps a picture. @returns its hash; null when it was not kept */
	async keepPicture(file: Blob): Promise<string | null> {
		const form = new FormData();
		form.set('picture', file);
		const answer = await this.#post(this.#world.pictures(), form);
		return answer ? String(answer.hash) : null;
	}
}

/** Hands the desk to every component below. */
export const setProveDesk = (desk: ProveDesk): ProveDesk => setContext(KEY, desk);

/** The desk of the stage Prove. @throws Error outside it */
export function proveDeskHere(): ProveDesk {
	const desk = getContext<ProveDesk | undefined>(KEY);
	if (!desk) throw new Error('There is no prove desk here.');
	return desk;
}
