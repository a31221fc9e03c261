<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import { counted } from '$lib/core/quantity';

	const { moment } = shopFormats();

	let { data, form } = $props();
</script>

<svelte:head><title>People · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/settings')}>Settings</a>
		<h1>People</h1>
	</div>
	{#if !data.guarded}
		<p class="panel p-4">
			Nobody has an account yet, so whoever sits at this machine is its owner, and it is not served to the network. With
			the first account, an owner, everybody signs in.
		</p>
	{/if}
	{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
	{#if form && 'done' in form}<p role="status">{form.done}</p>{/if}
	{#if form && 'code' in form}<p role="status" class="panel p-4">
			Code for one tablet, good for ten minutes: <strong class="text-2xl tracking-widest">{form.code}</strong>
		</p>{/if}
	{#each data.accounts as account (account.id)}
		<section class="panel grid gap-2 p-4" aria-label={account.name}>
			<p>
				<strong>{account.name}</strong>{account.id === data.me ? ', you' : ''}{account.closed
					? ', closed'
					: ''}{account.waits ? ', waits for a password' : ''}{account.lockedUntil
					? `, takes no password until ${moment(account.lockedUntil)}`
					: ''}
				<span class="text-soft">· signed in at {counted(account.sessions.length, 'browser')}</span>
			</p>
			<BusyForm action="?/change" class="flex flex-wrap items-end gap-2"
				>{#snippet children(busy)}
					<input type="hidden" name="id" value={account.id} />
					<label class="grid gap-0.5 text-sm text-soft"
						>Name <input
							name="name"
							class="field text-base text-ink"
							value={account.name}
							required
							maxlength="80"
						/></label
					>
					<label class="grid gap-0.5 text-sm text-soft"
						>Role <select name="role" class="field text-base text-ink" value={account.role}>
							{#each data.roles as role (role.id)}<option value={role.id}>{role.label}</option>{/each}
						</select></label
					>
					<label class="grid gap-0.5 text-sm text-soft"
						>New password <input
							name="password"
							type="password"
							class="field text-base text-ink"
							minlength="10"
							maxlength="200"
							autocomplete="new-password"
						/></label
					>
					{#if data.branches.length > 0 && account.role !== 'owner'}
						<fieldset class="flex w-full flex-wrap items-end gap-2 border-t border-line pt-2">
							<legend class="text-sm text-soft"
								>{Object.keys(account.at).length === 0
									? `Works at all branches as ${data.roles.find(({ id }) => id === account.role)?.label}, unless something is chosen here`
									: 'Works at these branches alone; elsewhere they look'}</legend
							>
							<input type="hidden" name="at" value="" />
							{#each data.branches as branch (branch.id)}
								<label class="grid gap-0.5 text-sm text-soft"
									>{branch.name}
									<select name="at:{branch.id}" class="field text-base text-ink" value={account.at[branch.id] ?? ''}>
										<option value="">–</option>
										{#each data.roles.filter(({ id }) => id !== 'owner') as role (role.id)}<option value={role.id}
												>{role.label}</option
											>{/each}
									</select></label
								>
							{/each}
						</fieldset>
					{/if}
					<button class="button" disabled={busy}>Save</button>
					<button class="button" name="closed" value={account.closed ? 'no' : 'yes'} disabled={busy}
						>{account.closed ? 'Open again' : 'Close'}</button
					>
				{/snippet}</BusyForm
			>
			<div class="flex gap-2">
				<BusyForm action="?/out"
					>{#snippet children(busy)}<input type="hidden" name="id" value={account.id} /><button
							class="button"
							disabled={busy || account.sessions.length === 0}>Sign out everywhere</button
						>{/snippet}</BusyForm
				>
				<BusyForm action="?/tablet"
					>{#snippet children(busy)}<input type="hidden" name="id" value={account.id} /><button
							class="button"
							disabled={busy || account.closed}>Code for a tablet</button
						>{/snippet}</BusyForm
				>
			</div>
		</section>
	{/each}
	<!-- Who has an account is not given another one by another press. -->
	{#key data.accounts.length}
		<BusyForm action="?/add" class="panel flex flex-wrap items-end gap-2 p-4"
			>{#snippet children(busy)}
				<h2 class="w-full">{data.accounts.length === 0 ? 'The owner' : 'Somebody new'}</h2>
				<label class="grid gap-0.5 text-sm text-soft"
					>Name <input name="name" class="field text-base text-ink" required maxlength="80" /></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Role <select
						name="role"
						class="field text-base text-ink"
						value={data.accounts.length === 0 ? 'owner' : 'counter'}
					>
						{#each data.accounts.length === 0 ? data.roles.slice(0, 1) : data.roles as role (role.id)}<option
								value={role.id}>{role.label}</option
							>{/each}
					</select></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Password, 10 characters or more <input
						name="password"
						type="password"
						class="field text-base text-ink"
						required
						minlength="10"
						maxlength="200"
						autocomplete="new-password"
					/></label
				>
				<button class="button" data-main disabled={busy}>Give an account</button>
			{/snippet}</BusyForm
		>
	{/key}
</main>
