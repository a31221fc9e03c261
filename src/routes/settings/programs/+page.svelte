<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { moment, day } = shopFormats();

	let { data, form } = $props();

	const wordsOf = (list: { id: string; words: string }[], id: string) => list.find((one) => one.id === id)?.words ?? id;
	const stands = ({ arrivedAt, nextAt, tries, said }: (typeof data.messages)[number]): string => {
		if (arrivedAt) return `arrived ${moment(arrivedAt)}`;
		if (!nextAt) return `given up: ${said}`;
		return tries === 0 ? 'on its way' : `${said}; tried again ${moment(nextAt)}`;
	};
</script>

<svelte:head><title>Programs · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/settings')}>Settings</a>
		<h1>Programs</h1>
	</div>
	<p>
		A web shop or another program asks at <code class="break-all">{data.address}</code>, with a token of its own.
		<a class="link" href={resolve('/api/v1/[...path]', { path: 'openapi.json' })}>What it can ask (OpenAPI)</a>. It only
		looks: nothing is changed that way.
	</p>
	{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
	{#if form && 'done' in form}<p role="status">{form.done}</p>{/if}
	{#if form && 'shown' in form && form.shown}
		<p role="status" class="panel grid gap-1 p-4">
			{form.shown.what}. It is shown this once; keep it where the program finds it:
			<code class="break-all text-lg select-all">{form.shown.text}</code>
		</p>
	{/if}

	<section class="panel grid gap-3 p-4" aria-labelledby="tokens">
		<h2 id="tokens">Tokens</h2>
		{#each data.tokens as token (token.id)}
			<div class="flex flex-wrap items-start gap-x-4 gap-y-1 border-t border-line pt-3">
				<div class="mr-auto">
					<strong>{token.name}</strong>
					<span class="text-soft">
						· made {moment(token.createdAt)}{token.goodUntil ? `, good until ${day(token.goodUntil)}` : ''},
						{token.usedAt ? `used ${moment(token.usedAt)}` : 'never used'}
					</span>
					<ul class="list-disc pl-5 text-sm text-soft">
						{#each token.scopes as scope (scope)}<li>{wordsOf(data.scopes, scope)}</li>{/each}
					</ul>
				</div>
				<BusyForm action="?/take"
					>{#snippet children(busy)}<input type="hidden" name="id" value={token.id} /><button
							class="button"
							disabled={busy}
							aria-label="Take back the token of {token.name}">Take back</button
						>{/snippet}</BusyForm
				>
			</div>
		{:else}
			<p class="text-soft">No program may ask yet.</p>
		{/each}
		<!-- What was made is not made again by another press. -->
		{#key form && 'shown' in form ? form.shown?.text : ''}<BusyForm
				action="?/token"
				class="grid gap-3 border-t border-line pt-3"
				>{#snippet children(busy)}
					<div class="flex flex-wrap gap-3">
						<label class="grid gap-0.5 text-sm text-soft"
							>Name of the program <input name="name" class="field text-base text-ink" required maxlength="80" /></label
						>
						<label class="grid gap-0.5 text-sm text-soft"
							>Good until, if it is to end <input name="until" type="date" class="field text-base text-ink" /></label
						>
					</div>
					<fieldset class="grid gap-1">
						<legend class="text-sm text-soft">It may</legend>
						{#each data.scopes as scope (scope.id)}
							<label class="flex items-center gap-2"
								><input type="checkbox" name="scope" value={scope.id} /> {scope.words}</label
							>
						{/each}
					</fieldset>
					<button class="button justify-self-start" data-main disabled={busy}>Make a token</button>
				{/snippet}</BusyForm
			>{/key}
	</section>

	<section class="panel grid gap-3 p-4" aria-labelledby="told">
		<h2 id="told">Who is told</h2>
		<p class="text-soft">
			Messages are signed, and tried again for a day when nobody answers. Try it with
			<code class="whitespace-nowrap">./rotalux receive --secret SECRET</code>, a stand-in on this machine.
		</p>
		{#each data.hooks as hook (hook.id)}
			<div class="flex flex-wrap items-start gap-x-4 gap-y-1 border-t border-line pt-3">
				<div class="mr-auto">
					<strong class="break-all">{hook.address}</strong>
					<ul class="list-disc pl-5 text-sm text-soft">
						{#each hook.events as event (event)}<li>when {wordsOf(data.events, event)}</li>{/each}
					</ul>
				</div>
				<BusyForm action="?/end"
					>{#snippet children(busy)}<input type="hidden" name="id" value={hook.id} /><button
							class="button"
							disabled={busy}
							aria-label="Take out {hook.address}">Take out</button
						>{/snippet}</BusyForm
				>
			</div>
		{:else}
			<p class="text-soft">Nobody is told of anything yet.</p>
		{/each}
		{#key form && 'shown' in form ? form.shown?.text : ''}<BusyForm
				action="?/hook"
				class="grid gap-3 border-t border-line pt-3"
				>{#snippet children(busy)}
					<label class="grid gap-0.5 text-sm text-soft"
						>Address <input
							name="address"
							type="url"
							class="field text-base text-ink"
							required
							maxlength="500"
							placeholder="https://shop.example/rotalux"
						/></label
					>
					<fieldset class="grid gap-1">
						<legend class="text-sm text-soft">It is told when</legend>
						{#each data.events as event (event.id)}
							<label class="flex items-center gap-2"
								><input type="checkbox" name="event" value={event.id} checked /> {event.words}</label
							>
						{/each}
					</fieldset>
					<button class="button justify-self-start" data-main disabled={busy}>Tell this address</button>
				{/snippet}</BusyForm
			>{/key}
	</section>

	{#if data.messages.length > 0}
		<section class="panel grid gap-2 p-4" aria-labelledby="messages">
			<h2 id="messages">The last messages</h2>
			<div class="overflow-x-auto">
				<table class="grid-table">
					<thead><tr><th>When</th><th>What</th><th>To</th><th>How it stands</th></tr></thead>
					<tbody>
						{#each data.messages as message (message.id)}
							<tr>
								<td class="whitespace-nowrap">{moment(message.madeAt)}</td>
								<td>{wordsOf(data.events, message.event)}</td>
								<td class="break-all">{message.address}</td>
								<td>{stands(message)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		</section>
	{/if}
</main>
