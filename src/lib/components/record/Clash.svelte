<script lang="ts">
	import type { Clash } from '$lib/client/record-desk.svelte';

	/** Two people changed the same thing: both versions, and the choice between them. */
	let { clash, onkeep, onwrite }: { clash: Clash; onkeep: () => void; onwrite: () => void } = $props();
</script>

<section role="alert" class="panel border-refuse! p-3" aria-label="Two versions">
	<p class="font-medium">{clash.message}</p>
	<div class="mt-2 grid gap-3 sm:grid-cols-2">
		<div>
			<h3 class="text-sm text-soft">On record now</h3>
			<ul>
				{#each clash.theirs as line (line)}<li>{line}</li>{/each}
			</ul>
			<button type="button" class="button mt-1" onclick={onkeep}>Keep what is on record</button>
		</div>
		<div>
			<h3 class="text-sm text-soft">Yours</h3>
			<ul>
				{#each clash.mine as line (line)}<li>{line}</li>{/each}
			</ul>
			<button type="button" class="button mt-1" onclick={onwrite}>Write mine over it</button>
		</div>
	</div>
</section>
