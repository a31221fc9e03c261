<script lang="ts">
	import type { ReleaseImpact } from '$lib/core/kit';
	import { counted } from '$lib/core/quantity';

	/** What changed under the revision that was last released. Nothing in it changes by itself. */
	let { impacts }: { impacts: ReleaseImpact[] } = $props();

	const grave = $derived(impacts.some((t) => t.kind === 'holds'));
</script>

{#if impacts.length > 0}
	<details class={['panel px-3 py-2', grave && 'border-refuse!']}>
		<summary class="cursor-pointer font-medium"
			>{grave
				? 'The released kit would not be worked out so today'
				: `${counted(impacts.length, 'thing')} changed under the released kit`}; it stays as it was frozen</summary
		>
		<ul class="mt-1 list-disc pl-5 text-sm">
			{#each impacts as { words }, i (i)}<li>{words}</li>{/each}
		</ul>
		<p class="mt-1 text-sm text-soft">Start the next revision to take this in.</p>
	</details>
{/if}
