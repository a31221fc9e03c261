<script lang="ts">
	import type { FittingState } from '$lib/core/fitup';
	import type { StepView } from '$lib/core/views';

	/** All steps of a fitting, with what is done and how long it took; press one to look at it. */
	let { all, standing, onpick }: { all: StepView[]; standing: FittingState; onpick: (id: string) => void } = $props();
</script>

<ol class="mt-3 grid">
	{#each all as step, i (step.id)}
		{@const state = standing.steps.get(step.id)}
		<li class="border-b border-line">
			<button
				type="button"
				class="grid min-h-12 w-full grid-cols-[2.5rem_1fr_auto] items-center gap-2 rounded px-1 text-left hover:bg-sea-wash"
				onclick={() => onpick(step.id)}
			>
				<span class="number text-soft">{i + 1}</span>
				<span class={state?.done ? 'text-soft' : 'font-medium'}
					>{step.title}{step.side === 'left' || step.side === 'right' ? `, ${step.side}` : ''}
					{#if state && state.said.length > 0}<span class="text-base text-sea">· {state.said.length} noted</span
						>{/if}</span
				>
				<span class="text-base text-soft tabular-nums"
					>{state?.done ? `done${state.minutes === null ? '' : `, ${state.minutes} min`}` : step.time}</span
				>
			</button>
		</li>
	{/each}
</ol>
