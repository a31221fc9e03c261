<script lang="ts">
	import { resolve } from '$app/paths';
	import type { FittingMark } from '$lib/core/fitup';

	/** What was noted, found and photographed at a step. */
	let { said }: { said: FittingMark[] } = $props();

	const address = (picture: string) =>
		picture.startsWith('data:') ? picture : resolve('/fittings/pictures/[hash]', { hash: picture });
</script>

{#if said.length > 0}
	<ul class="grid gap-2 rounded bg-raised p-2 text-base">
		{#each said as mark (mark.uid)}
			<li>
				{#if mark.text}
					<span class={mark.taken === false ? 'text-refuse' : ''}>{mark.text}</span>
					{#if mark.taken === true}<span class="text-soft"> · on record</span>{/if}
					{#if mark.taken === false}<span class="text-soft"> · kept as a note</span>{/if}
				{/if}
				{#if mark.picture}<img src={address(mark.picture)} alt="Taken at this step" class="max-h-56 rounded" />{/if}
				{#if mark.by}<span class="text-soft"> · {mark.by}</span>{/if}
			</li>
		{/each}
	</ul>
{/if}
