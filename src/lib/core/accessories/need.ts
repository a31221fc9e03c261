/** What a lamp wants beside it before it fits: the part that would turn a `needs` into a pass. */
export type Need =
	| { kind: 'load'; channel: string; duty: number }
	/** A module that holds the feed between pulses; `farads` is the least that does, where the pulses are known. */
	| { kind: 'pwm-module'; farads?: number }
	/** A cap that adds this much depth, mm; `port` is the least hole a driver's plug goes out through. */
	| { kind: 'cap'; extraDepth: number; port?: number }
	| { kind: 'adapter' };

export type NeedKind = Need['kind'];

/** What the part for a need is called, and what it answers. A new need is one entry here and one in the union. */
export const NEED_WORDS: Record<NeedKind, { part: string; answers: string }> = {
	load: { part: 'load', answers: 'lamp-out message or fast flashing' },
	'pwm-module': { part: 'anti-flicker module', answers: 'pulsed feed' },
	cap: { part: 'deeper cap', answers: 'room and heat behind the lamp' },
	adapter: { part: 'holder adapter', answers: 'holder of the lamp housing' }
};

/** What a lamp needs, with the needs for a cap joined: one cap goes on a lamp, so it has to meet them all. */
export function joinedNeeds(needs: readonly Need[]): Need[] {
	const caps = needs.filter((need) => need.kind === 'cap');
	if (caps.length < 2) return [...needs];
	const one: Need = {
		kind: 'cap',
		extraDepth: Math.max(...caps.map((need) => need.extraDepth)),
		port: Math.max(...caps.map((need) => need.port ?? 0))
	};
	return [...needs.filter((need) => need.kind !== 'cap'), one];
}
