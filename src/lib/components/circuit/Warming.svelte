<script lang="ts">
	import type { HotPart } from '$lib/core/views/hot-parts';

	/** What warms up while the mode lasts, and when it gives up. */
	let { hotParts, minutes }: { hotParts: HotPart[]; minutes: number } = $props();

	const clock = (s: number) => (s < 90 ? `${Math.round(s)} s` : `${Math.round(s / 60)} min`);
</script>

{#if hotParts.length > 0}
	<table class="grid-table dense">
		<caption class="text-left font-medium">After {minutes} minutes in this mode, estimated</caption>
		<thead
			><tr
				><th scope="col">What</th><th scope="col" class="number">W</th><th scope="col" class="number">C</th><th
					scope="col"
					class="number">Limit</th
				><th scope="col">Passes it</th></tr
			></thead
		>
		<tbody>
			{#each hotParts.slice(0, 8) as w (w.name)}
				<tr
					><td>{w.name}</td><td class="number">{w.watts.toFixed(1)}</td><td
						class={['number', w.limit !== null && w.temperature > w.limit && 'font-medium text-refuse']}
						>{Math.round(w.temperature)}</td
					><td class="number">{w.limit ?? '–'}</td><td>{w.seconds === null ? 'never' : `after ${clock(w.seconds)}`}</td
					></tr
				>
			{/each}
		</tbody>
	</table>
	<p class="text-sm text-soft">
		Surfaces over 60 C burn skin. Keep loads on bare metal, 50 mm from plastic, hose and wire.
	</p>
{/if}
