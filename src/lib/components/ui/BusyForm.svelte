<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { SubmitFunction } from '@sveltejs/kit';
	import { enhance } from '$app/forms';
	import { navigating } from '$app/state';
	import { tooLarge } from '$lib/core/quantity';
	import Message from './Message.svelte';
	import { refusalIn, type Refusal } from './refusal';
	import { refusedHere } from './refused-here';
	import { sawHere } from './saw';

	/**
	 * A form that keeps what was typed, whatever comes of it, and lets its fields say that an answer is under way. Who may not send it sees
	 * who may; of a `quiet` one, which stands close beside others, only where they point at it.
	 */
	let {
		action,
		class: more = '',
		upload = false,
		quiet = false,
		onbusy,
		children
	}: {
		action?: string;
		class?: string;
		upload?: boolean;
		quiet?: boolean;
		onbusy?: (busy: boolean) => void;
		children: Snippet<[busy: boolean]>;
	} = $props();

	const saw = sawHere();
	const refusedFor = refusedHere();
	const refused = $derived(refusedFor(action));
	let busy = $state(false);
	let refusal = $state<Refusal | null>(null);

	function work(on: boolean): void {
		busy = on;
		onbusy?.(on);
	}

	const send: SubmitFunction = ({ formData, cancel }) => {
		const files = [...formData.values()].filter((value) => value instanceof File);
		const large = files.map(tooLarge).find((words) => words !== null);
		refusal = large ? { text: large, kept: '' } : null;
		if (large) return cancel();
		work(true);
		return async ({ result, update }) => {
			refusal = refusalIn(result);
			// Who went on meanwhile is let through: looking at everything again would call them back.
			if (navigating.to) await navigating.complete?.catch(() => undefined);
			if (!refusal) await update({ reset: false });
			work(false);
		};
	};
</script>

<form method="post" {action} enctype={upload ? 'multipart/form-data' : undefined} class={more} use:enhance={send}>
	{#if saw}<input type="hidden" name="saw" value={saw()} />{/if}
	{#if refused}
		<fieldset disabled class="contents" title={`For ${refused}`}>{@render children(busy)}</fieldset>
		<p class={quiet ? 'sr-only' : 'self-end py-1.5 text-sm text-soft'}>For {refused}.</p>
	{:else}
		{@render children(busy)}
	{/if}
</form>
{#if refusal}<Message text={refusal.text} kept={refusal.kept} />{/if}
