<script lang="ts">
	import { MOST_TURNS, readTurns, turned, turnsText, type ScrewWall, type Turns } from '$lib/core/practice';
	import PracticeWall from '../PracticeWall.svelte';

	/** A simulated wall, and the two adjusters of the headlamp, a quarter turn at a time. */
	let { wall, chosen = $bindable(), disabled }: { wall: ScrewWall; chosen: string; disabled: boolean } = $props();

	const mm = (length: number) => `${Math.round(Math.abs(length))} mm`;
	const NONE: Turns = { vertical: 0, sideways: 0 };
	const SCREWS = [
		{ id: 'vertical', label: 'Adjuster for height' },
		{ id: 'sideways', label: 'Adjuster for the side' }
	] as const;

	const turns = $derived(readTurns(chosen) ?? NONE);
	const at = $derived(turned(wall, turns));
	const said = $derived(
		`Cut-off ${mm(at.drop)} ${at.drop < 0 ? 'over' : 'under'} the height of the lamp, kink ${mm(at.right)} to the ${at.right < 0 ? 'left' : 'right'} of the vertical through it`
	);

	function turn(id: keyof Turns, by: number): void {
		const next = { ...turns, [id]: turns[id] + by };
		if (Math.abs(next[id]) <= MOST_TURNS) chosen = turnsText(next);
	}
	const words = (quarters: number) =>
		quarters === 0
			? 'not turned'
			: `${Math.abs(quarters)} quarter turn${Math.abs(quarters) === 1 ? '' : 's'} ${quarters > 0 ? 'clockwise' : 'anticlockwise'}`;
</script>

<PracticeWall {wall} {at} label={said} />
<p role="status">{said}. <span class="text-soft">The wall is simulated.</span></p>
{#each SCREWS as { id, label } (id)}
	<div class="flex flex-wrap items-center gap-2" role="group" aria-label={label}>
		<span class="w-40 font-medium">{label}</span>
		<button
			type="button"
			class="button"
			disabled={disabled || turns[id] <= -MOST_TURNS}
			aria-label={`${label}: a quarter turn anticlockwise`}
			onclick={() => turn(id, -1)}>↺</button
		>
		<button
			type="button"
			class="button"
			disabled={disabled || turns[id] >= MOST_TURNS}
			aria-label={`${label}: a quarter turn clockwise`}
			onclick={() => turn(id, 1)}>↻</button
		>
		<span>{words(turns[id])}</span>
	</div>
{/each}
