/** The window's clock, given as an argument so that tests can bring their own. */
type Clock = Pick<typeof globalThis, 'setTimeout' | 'clearTimeout'>;

/**
 * How many items of a long list to draw: the first ones at once, all of them right after the screen has answered.
 * Call it while a component is set up.
 * @param list gives the list; a new list begins anew
 * @param first how many are drawn at once
 */
export function progressivelyDrawn(list: () => unknown, first: number, clock: Clock = globalThis): () => number {
	// The list that is drawn whole: the one the page came with, and each later one once the screen has answered.
	let whole = $state.raw(list());
	const most = $derived(list() === whole ? Infinity : first);
	$effect(() => {
		const now = list();
		const timer = clock.setTimeout(() => (whole = now), 30);
		return () => clock.clearTimeout(timer);
	});
	return () => most;
}
