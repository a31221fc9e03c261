<script lang="ts">
	import { completions, readWalkLine, type WalkContext } from '$lib/core/walk';
	import Reading from '../../record/Reading.svelte';
	import LineField from '../../ui/LineField.svelte';

	/** The walk-line itself: words are finished, read and refused as in the walk. */
	let {
		context,
		chosen = $bindable(),
		disabled,
		send
	}: { context: WalkContext; chosen: string; disabled: boolean; send: () => void } = $props();

	function answer(line: string): Promise<boolean> {
		chosen = line;
		send();
		return Promise.resolve(true);
	}
</script>

{#if disabled}
	<p><span class="text-soft">Your line:</span> {chosen}</p>
{:else}
	<LineField
		label="Walk-line: what, where, lamp category, lens, optic, in any order"
		placeholder="low h7 projector clear"
		focused
		offersAt={completions}
		isReady={(line) => readWalkLine(line, context).problems.length === 0}
		onadd={answer}
	>
		{#snippet beside(line)}
			<button
				type="button"
				class="button min-h-11!"
				data-main
				disabled={line.trim() === '' || readWalkLine(line, context).problems.length > 0}
				onclick={() => void answer(line)}>Answer</button
			>
		{/snippet}
		{#snippet reading(line, underway)}<Reading {line} reading={readWalkLine(line, context)} {underway} />{/snippet}
	</LineField>
{/if}
