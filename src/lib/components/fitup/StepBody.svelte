<script lang="ts">
	import type { StepView } from '$lib/core/views';
	import StepDrawing from './StepDrawing.svelte';

	/** What is done at a step: by what, in which order, with what to mind, and what should be seen. */
	let { step }: { step: StepView } = $props();
</script>

{#if step.cautions.length > 0}
	<ul class="rounded border-l-4 border-refuse bg-raised px-3 py-1.5" aria-label="Caution">
		{#each step.cautions as caution (caution)}<li class="font-medium">{caution}</li>{/each}
	</ul>
{/if}
{#if step.fasteners.length > 0 || step.tools.length > 0}
	<p>
		{#if step.fasteners.length > 0}{step.fasteners.join('; ')}{/if}
		{#if step.tools.length > 0}<span class="text-soft"
				>{step.fasteners.length > 0 ? ' · ' : ''}with {step.tools.join(', ')}</span
			>{/if}
	</p>
{/if}
{#if step.hand.length > 0}
	<ol class="grid list-decimal gap-1 pl-5">
		{#each step.hand as words (words)}<li>{words}</li>{/each}
	</ol>
{/if}
{#if step.drawing}<StepDrawing drawing={step.drawing} />{/if}
{#if step.modes.length > 0}
	<div class="overflow-x-auto">
		<table class="grid-table">
			<caption class="sr-only">Modes to switch on, and what should be seen</caption>
			<thead><tr><th>Switch on</th><th>What should be seen</th><th>Dash</th></tr></thead>
			<tbody>
				{#each step.modes as check (check.mode)}
					<tr
						><th scope="row">{check.label}</th><td class="whitespace-normal!">{check.expect}</td><td
							class="whitespace-normal!">{check.dash}</td
						></tr
					>
				{/each}
			</tbody>
		</table>
	</div>
{/if}
{#if step.checkpoint}<p class="font-medium">{step.checkpoint}</p>{/if}
