<script lang="ts">
	import { page } from '$app/state';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	/** Where somebody was going, kept while they say who they are. */
	const to = $derived(page.url.searchParams.get('to'));
	const onward = $derived(to ? `&to=${encodeURIComponent(to)}` : '');
</script>

<svelte:head><title>Sign in · Rotalux</title></svelte:head>

<main class="mx-auto grid w-full max-w-md content-start gap-4 p-6">
	<h1>{data.guarded ? 'Sign in' : 'Try a role'}</h1>
	{#if form?.message}<Message text={form.message} />{/if}
	{#if data.guarded}
		{#if data.signedIn}
			<BusyForm action="?/out" class="panel flex items-center gap-3 p-4"
				>{#snippet children(busy)}
					<p class="mr-auto">Signed in as {data.signedIn}.</p>
					<button class="button" disabled={busy}>Sign out</button>
				{/snippet}</BusyForm
			>
		{/if}
		<BusyForm action={`?/in${onward}`} class="panel grid gap-3 p-4"
			>{#snippet children(busy)}
				<label class="grid gap-0.5"
					>Name <input name="name" class="field" required maxlength="80" autocomplete="username" /></label
				>
				<label class="grid gap-0.5"
					>Password <input
						name="password"
						type="password"
						class="field"
						required
						maxlength="200"
						autocomplete="current-password"
					/></label
				>
				<button class="button justify-center" data-main disabled={busy}>Sign in</button>
			{/snippet}</BusyForm
		>
		<BusyForm action={`?/code${onward}`} class="panel grid gap-3 p-4"
			>{#snippet children(busy)}
				<label class="grid gap-0.5"
					>A tablet in the bay: code from somebody who is signed in
					<input
						name="code"
						class="field text-xl"
						inputmode="numeric"
						required
						maxlength="12"
						autocomplete="one-time-code"
					/></label
				>
				<button class="button justify-center" disabled={busy}>Sign this tablet in</button>
			{/snippet}</BusyForm
		>
	{:else}
		<p>
			In the demo on this machine nobody signs in. Look at it as each of these would; a shop of its own gives everybody
			an account.
		</p>
		<BusyForm action="?/role" class="grid gap-2"
			>{#snippet children(busy)}
				{#each data.roles as role (role.id)}
					<button class="button justify-center" name="role" value={role.id} disabled={busy} aria-pressed={role.chosen}
						>{role.label}{role.chosen ? ', as now' : ''}</button
					>
				{/each}
			{/snippet}</BusyForm
		>
	{/if}
</main>
