<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { SvelteSet } from 'svelte/reactivity';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import DeskMessages from '$lib/components/record/DeskMessages.svelte';
	import WalkPages from '$lib/components/record/WalkPages.svelte';

	let { data } = $props();

	const desk = getDesk();
	const id = $derived(data.vehicle.id);
	const accepted = new SvelteSet<string>();
	const WORD = { new: 'not listed here', differs: 'says otherwise', adds: 'knows more' } as const;

	function choose(from: string): void {
		accepted.clear();
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
		void goto(`${resolve('/vehicles/[id]/sister', { id })}?from=${encodeURIComponent(from)}`);
	}

	async function copy(): Promise<void> {
		const outcome = await desk.send({ kind: 'sister', from: data.sister?.id, sockets: [...accepted] });
		if (outcome.ok) accepted.clear();
	}
</script>

<svelte:head><title>Copy from a sister · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid grid-cols-[minmax(0,1fr)] gap-3 p-3">
	<section class="panel grid grid-cols-[minmax(0,1fr)] gap-3 p-3">
		<div class="flex flex-wrap items-center justify-between gap-2">
			<WalkPages {id} />
			<label class="flex items-center gap-2 text-soft"
				>Copy from
				<select class="field text-ink" value={data.sister?.id ?? ''} onchange={(e) => choose(e.currentTarget.value)}>
					<option value="" disabled>choose a sister</option>
					{#each data.others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
				</select></label
			>
		</div>
		<DeskMessages />
		{#if data.sister && data.offers.length === 0}
			<p>{data.sister.name} has nothing that is not the same here.</p>
		{:else if data.sister}
			<p class="text-soft">
				Look at each. What you copy counts as assumed until somebody sees it on this vehicle; where it says otherwise
				than what is on record, the stronger source stays in force and a question opens.
			</p>
			<div class="flex flex-wrap gap-2">
				<button type="button" class="button" data-main disabled={accepted.size === 0} onclick={copy}
					>Copy the {accepted.size} chosen</button
				>
				<button
					type="button"
					class="button"
					onclick={() => data.offers.filter((o) => o.kind !== 'differs').forEach((o) => accepted.add(o.socket))}
					>Choose all that contradict nothing</button
				>
			</div>
			<div class="overflow-x-auto">
				<table class="grid-table">
					<thead><tr><th></th><th>Socket</th><th>What</th><th>{data.sister.name}</th><th>Here</th></tr></thead>
					<tbody>
						{#each data.offers as offer (offer.socket)}
							<tr>
								<td>
									<input
										type="checkbox"
										class="size-5"
										aria-label={`Copy ${offer.name}`}
										checked={accepted.has(offer.socket)}
										onchange={() =>
											accepted.has(offer.socket) ? accepted.delete(offer.socket) : accepted.add(offer.socket)}
									/>
								</td>
								<td>{offer.name}</td>
								<td class={offer.kind === 'differs' ? 'text-refuse' : 'text-soft'}>{WORD[offer.kind]}</td>
								<td>{offer.facts.map((f) => `${f.label.toLowerCase()} ${f.theirs}`).join(', ')}</td>
								<td class="text-soft">{offer.kind === 'new' ? '' : offer.facts.map((f) => f.ours).join(', ')}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		{:else}
			<p class="text-soft">
				A sister is another configuration with many of the same lamps. Choose one to see what it would add.
			</p>
		{/if}
	</section>
</main>
