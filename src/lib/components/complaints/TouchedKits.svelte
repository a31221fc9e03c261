<script lang="ts">
	import { resolve } from '$app/paths';

	interface Touched {
		kit: string;
		configuration: string;
		vehicle: string;
		name: string;
		impacts: { words: string }[];
		todo: string;
	}

	/** Released kits that have the lamp of a complaint, or are for its vehicle, and what to do about each. */
	let { kits }: { kits: Touched[] } = $props();
</script>

{#if kits.length > 0}
	<section class="panel p-3" aria-label="Released kits">
		<h2>Released kits it touches</h2>
		<ul class="mt-1 grid gap-2">
			{#each kits as kit (kit.kit)}
				<li class="rounded border border-line p-2">
					<a
						class="link font-medium"
						href={resolve('/vehicles/[id]/kit/[kit]', { id: kit.configuration, kit: kit.kit })}
						>{kit.name}, {kit.vehicle}</a
					>
					<p class={kit.impacts.length > 0 ? 'font-medium' : 'text-soft'}>{kit.todo}</p>
					{#if kit.impacts.length > 0}
						<ul class="list-disc pl-5 text-sm">
							{#each kit.impacts.slice(0, 4) as impact, i (i)}<li>{impact.words}</li>{/each}
						</ul>
					{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}
