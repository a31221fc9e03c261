<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import type { WalkView } from '$lib/core/views';

	/** What a vehicle of its kind usually has and is not listed: each can be begun, or answered. */
	let { walk, kind, onbegin }: { walk: WalkView; kind: string; onbegin: (line: string) => void } = $props();

	const desk = getDesk();
	const answer = (line: string, word: string) =>
		desk.send({ kind: 'add-line', line: `${line}${word}`, source: desk.source });
</script>

{#if walk.expected.length > 0}
	<h2>Usually on a {kind}, not listed yet · {walk.expected.length}</h2>
	<ul class="mt-1">
		{#each walk.expected as place (place.key)}
			<li class="flex flex-wrap items-center gap-1 border-b border-line py-1">
				<button type="button" class="link mr-auto min-h-6" onclick={() => onbegin(place.line)}>{place.name}</button>
				<span role="group" aria-label={place.name} class="flex gap-1 text-sm">
					<button type="button" class="chip" onclick={() => answer(place.line, 'not fitted')}>not fitted</button>
					<button type="button" class="chip" onclick={() => answer(place.line, 'factory led')}>factory LED</button>
					<button type="button" class="chip" onclick={() => answer(place.line, 'sealed')}>sealed</button>
				</span>
			</li>
		{/each}
	</ul>
{:else}
	<p class="text-soft">Everything a {kind} usually has is listed or answered.</p>
{/if}
{#if walk.absent.length > 0}
	<h3 class="mt-3 font-medium">Not fitted</h3>
	<ul class="flex flex-wrap gap-1">
		{#each walk.absent as { key, name } (key)}
			<li>
				<button
					type="button"
					class="chip"
					aria-label={`${name}: look again`}
					onclick={() => desk.send({ kind: 'absent', place: key, absent: false })}>{name} ×</button
				>
			</li>
		{/each}
	</ul>
{/if}
