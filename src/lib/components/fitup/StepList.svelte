<script lang="ts">
	import type { StepView } from '$lib/core/views';
	import StepBody from './StepBody.svelte';

	/** Steps of the work under one another, numbered on from a first one. */
	let { steps, first = 1 }: { steps: StepView[]; first?: number } = $props();

	const SIDE: Readonly<Record<string, string>> = { left: 'left', right: 'right' };
</script>

<ol class="grid gap-3">
	{#each steps as step, i (step.id)}
		<li class="grid grid-cols-[2rem_minmax(0,1fr)] gap-2 border-b border-line pb-3">
			<span class="number text-soft">{first + i}</span>
			<div class="grid gap-1.5">
				<p class="flex flex-wrap items-baseline gap-x-3">
					<span class={['font-medium', step.kind === 'checkpoint' && 'text-sea']}>{step.title}</span>
					{#if step.kind !== 'lamp' && step.side && SIDE[step.side]}<span class="text-soft">{SIDE[step.side]}</span
						>{/if}
					{#each step.places as place (place.id)}<span class="rounded bg-raised px-1.5 text-sm">{place.number}</span
						>{/each}
					<span class="ml-auto text-sm text-soft tabular-nums">{step.time}</span>
				</p>
				<StepBody {step} />
			</div>
		</li>
	{/each}
</ol>
