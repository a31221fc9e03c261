<script lang="ts">
	import CoverHead from '$lib/components/cover/CoverHead.svelte';
	import CoverRun from '$lib/components/cover/CoverRun.svelte';

	let { data, children } = $props();
</script>

<svelte:head><title>Cover · Rotalux</title></svelte:head>

<main class="page">
	<div class="no-print flex flex-wrap items-center gap-x-6 gap-y-2">
		<h1>Cover</h1>
		<CoverRun standing={data.standing} run={data.run} />
	</div>
	<div class="no-print grid gap-3"><CoverHead asked={data.asked} values={data.values} branch={data.branch} /></div>
	{#if data.hasOwnPolicy}<p class="panel p-3">
			{data.branch} goes by a policy of its own; what is counted here is judged by the policy of the first branch.
		</p>{/if}
	{#if data.standing.finishedAt === null}
		<section class="panel grid gap-2 p-4">
			<h2>What share of the vehicles on the road can you serve?</h2>
			<p class="max-w-prose">
				Every socket of every vehicle is matched with every product, by the same rules as Match. It takes about a minute
				for ten thousand vehicles and continues after a restart; later only what has changed is matched again.
			</p>
		</section>
	{:else}
		{@render children()}
	{/if}
</main>
