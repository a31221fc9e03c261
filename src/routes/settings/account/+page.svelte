<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();
</script>

<svelte:head><title>Your account · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/settings')}>Settings</a>
		<h1>Your account</h1>
	</div>
	{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
	{#if form && 'done' in form}<p role="status">{form.done}</p>{/if}
	{#if form && 'code' in form}<p role="status" class="panel p-4">
			Code for one tablet, good for ten minutes: <strong class="text-2xl tracking-widest">{form.code}</strong>
		</p>{/if}
	{#if !data.guarded}
		<p>Nobody has an account here yet.</p>
	{:else}
		<BusyForm action="?/name" class="panel flex flex-wrap items-end gap-3 p-4"
			>{#snippet children(busy)}
				<label class="grid gap-0.5"
					>Name <input name="name" class="field" value={data.name} required maxlength="80" /></label
				>
				<button class="button" disabled={busy}>Change the name</button>
			{/snippet}</BusyForm
		>
		<BusyForm action="?/password" class="panel grid gap-3 p-4"
			>{#snippet children(busy)}
				<label class="grid gap-0.5"
					>Old password <input
						name="old"
						type="password"
						class="field"
						required
						maxlength="200"
						autocomplete="current-password"
					/></label
				>
				<label class="grid gap-0.5"
					>New password, 10 characters or more <input
						name="password"
						type="password"
						class="field"
						required
						minlength="10"
						maxlength="200"
						autocomplete="new-password"
					/></label
				>
				<button class="button justify-center" disabled={busy}>Change the password, and sign in again everywhere</button>
			{/snippet}</BusyForm
		>
		<BusyForm action="?/tablet" class="panel flex flex-wrap items-center gap-3 p-4"
			>{#snippet children(busy)}
				<p class="mr-auto">A tablet in the bay signs in with a code, and works under your name.</p>
				<button class="button" disabled={busy}>Code for a tablet</button>
			{/snippet}</BusyForm
		>
	{/if}
</main>
