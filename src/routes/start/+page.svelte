<script lang="ts">
	import SetupFields from '$lib/components/start/SetupFields.svelte';
	import StartSteps from '$lib/components/start/StartSteps.svelte';
	import WhatItDoes from '$lib/components/start/WhatItDoes.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	const refused = $derived(form && 'refused' in form ? form.refused : form && 'message' in form ? form.message : null);
	let isChanging = $state(false);
</script>

<svelte:head><title>The first hour · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<h1 class="mr-auto">
			{data.start.released > 0 ? 'The first hour is done' : 'Welcome: five steps to the first kit'}
		</h1>
		{#if form && 'demo' in form && form.demo}
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- another server: the demo beside this shop -->
			<a class="button" data-main href={form.demo}>The demo is ready: open it</a>
		{:else if data.mayShowDemo}
			<BusyForm action="?/demo">
				{#snippet children(busy)}
					<button class="button" disabled={busy}
						>{busy ? 'Preparing the demo, half a minute …' : 'Look around in the demo first'}</button
					>
				{/snippet}
			</BusyForm>
		{/if}
	</div>
	{#if refused}<Message text={String(refused)} />{/if}
	<WhatItDoes />
	<p class="text-soft">Each step can be left and taken up again; this page remembers how far the shop has come.</p>
	<StartSteps start={data.start}>
		{#snippet setup()}
			{#if data.start.isSetUp && !isChanging}
				<p><button type="button" class="button" onclick={() => (isChanging = true)}>Change it</button></p>
			{:else}
				<BusyForm action="?/setup" class="grid gap-3">
					{#snippet children(busy)}
						<SetupFields setup={data.setup} hasPrices={data.start.products > 0} />
						<p>
							<button class="button" data-main disabled={busy} onclick={() => (isChanging = false)}>Keep it so</button>
						</p>
					{/snippet}
				</BusyForm>
			{/if}
		{/snippet}
	</StartSteps>
</main>
