<script lang="ts">
	import { resolve } from '$app/paths';
	import SkillMap from '$lib/components/practice/SkillMap.svelte';
	import TodayClock from '$lib/components/practice/TodayClock.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { counted } from '$lib/core/quantity';

	let { data, form } = $props();

	const due = $derived(data.practice.skills.filter(({ isDue }) => isDue).length);
</script>

<svelte:head><title>Practice · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-end gap-3">
		<div class="mr-auto">
			<h1>Practice</h1>
			<p class="text-soft">
				Learn the job on vehicles that do not exist. Nothing of it touches the vehicles, the stock or the kits of the
				shop.
			</p>
		</div>
		<a class="button" href={resolve('/practice/cases')}>Cases of this shop</a>
		<form method="post" action="?/next"><button class="button" data-main>Next exercise</button></form>
	</div>
	{#if form && 'message' in form && form.message}<Message text={String(form.message)} />{/if}
	<section class="panel p-3">
		<h2>{data.learner === null ? 'Your skills' : `Skills of ${data.learner}`}</h2>
		<p class="text-soft">
			{counted(due, 'skill')} to come back to today. {counted(data.practice.today.answers, 'answer')} today; a quarter of
			an hour a day is enough.
		</p>
		<TodayClock seconds={data.practice.today.seconds} />
		<SkillMap skills={data.practice.skills} now={data.now} />
	</section>
	<section class="panel p-3">
		<h2>Who sees this</h2>
		<BusyForm action="?/share" class="flex flex-wrap items-center gap-3">
			{#snippet children(busy)}
				<label class="flex min-h-9 items-center gap-2">
					<input type="checkbox" class="size-4" name="shared" checked={data.practice.isShared} />
					The owner may see how I am getting on
				</label>
				<button class="button" disabled={busy}>Save</button>
				{#if form && 'said' in form}<span role="status">{form.said}</span>{/if}
			{/snippet}
		</BusyForm>
		{#if data.shared}
			{#each data.shared as { person, skills } (person)}
				<h3 class="mt-3 font-medium">{person}</h3>
				<SkillMap {skills} now={data.now} />
			{:else}<p class="text-soft">Nobody shares what they have learned.</p>{/each}
		{/if}
	</section>
</main>
