<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { Dialog } from 'bits-ui';
	import { HELP_TOPICS, topicOf, type HelpPart } from '$lib/client/help-topics';
	import { PLACES } from '$lib/client/shortcuts';
	import KeyList from './KeyList.svelte';

	/** What the page at hand is for, and its keys, in a sheet at the side. */
	let { open = $bindable(false), part = $bindable('page') }: { open?: boolean; part?: HelpPart } = $props();

	const WORDS = HELP_TOPICS.find(({ topic }) => topic === 'words') ?? null;
	const here = $derived(topicOf(page.route.id ?? '/'));
	const topic = $derived(part === 'words' ? WORDS : here);
	const text = $derived(open && part !== 'keys' && topic ? readHelp(topic.topic) : null);
	const title = $derived(part === 'keys' ? 'All keys' : (topic?.title ?? 'Help'));
	const PARTS: readonly [HelpPart, string][] = [
		['page', 'This page'],
		['words', 'Words'],
		['keys', 'All keys']
	];

	async function readHelp(name: string): Promise<string> {
		const answer = await fetch(resolve('/help/[topic].json', { topic: name }));
		if (!answer.ok) throw new Error('The help of this page could not be read. Is the shop’s server there?');
		return (await answer.json()).html;
	}
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-30 bg-black/40" />
		<Dialog.Content
			class="fixed inset-y-0 right-0 z-30 flex w-[min(30rem,96vw)] flex-col overflow-y-auto border-l border-line bg-panel p-5"
		>
			<div class="mb-3 flex items-center gap-2">
				<Dialog.Title class="mr-auto text-lg font-semibold">{title}</Dialog.Title>
				{#each PARTS as [id, words] (id)}
					<button type="button" class="chip" aria-pressed={part === id} onclick={() => (part = id)}>{words}</button>
				{/each}
				<Dialog.Close class="button">Close</Dialog.Close>
			</div>
			{#if part === 'keys'}
				<KeyList places={PLACES} />
			{:else}
				{#if text}
					{#await text}
						<p class="text-soft">Reading …</p>
					{:then html}
						<!-- eslint-disable-next-line svelte/no-at-html-tags -- made by the server from the files in docs/help -->
						<div class="help-text">{@html html}</div>
					{:catch trouble}
						<p role="alert">{trouble.message}</p>
					{/await}
				{/if}
				{#if topic && topic.keys.length > 0}
					<h3 class="mt-4 mb-2 font-semibold">Keys here</h3>
					<KeyList places={topic.keys} />
				{/if}
				<p class="mt-4 border-t border-line pt-3">
					<a class="link" href={resolve('/help/manual.pdf')} data-sveltekit-reload>The whole manual (PDF)</a>
				</p>
			{/if}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
