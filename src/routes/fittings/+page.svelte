<script lang="ts">
	import { resolve } from '$app/paths';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data } = $props();

	const { moment } = shopFormats();
	const running = $derived(data.fittings.filter(({ state }) => state === 'running'));
	const finished = $derived(data.fittings.filter(({ state }) => state !== 'running'));
</script>

<svelte:head><title>Fittings · Rotalux</title></svelte:head>

<main class="page page-reading">
	<h1>Fittings in the bay</h1>
	{#if data.fittings.length === 0}
		<p class="text-soft">
			Nothing is being fitted. A fitting begins at the Fit-up of a vehicle, under “Fit it in the bay”.
		</p>
		<a class="button mr-auto" href={resolve('/vehicles')}>To the vehicles</a>
	{/if}
	{#each [{ name: 'Running', fittings: running }, { name: 'Finished', fittings: finished }] as { name, fittings } (name)}
		{#if fittings.length > 0}
			<section class="panel p-3">
				<h2>{name}</h2>
				<ul>
					{#each fittings as fitting (fitting.id)}
						<li class="border-b border-line last:border-0">
							<a
								class="grid min-h-14 content-center rounded px-2 hover:bg-sea-wash"
								href={resolve('/fittings/[fitting]', { fitting: fitting.id })}
							>
								<span class="font-medium">{fitting.vehicle}</span>
								<span class="text-sm text-soft"
									>{fitting.kitName}{fitting.code ? ` · ${fitting.code}` : ''} · {fitting.finishedAt
										? `finished ${moment(fitting.finishedAt)}`
										: `since ${moment(fitting.startedAt)}`}{fitting.startedBy ? ` · ${fitting.startedBy}` : ''}</span
								>
							</a>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	{/each}
</main>
