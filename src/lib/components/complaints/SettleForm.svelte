<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';

	interface SettleCause {
		key: string;
		words: string;
		cause: string;
		socket: string | null;
		channel: string | null;
		remedy: { kind: string; words: string };
		lesson: { fact: string; label: string; unit: string; suggested: string } | null;
	}

	/** Settles a complaint: cause, what ended it, minutes and money, and what the record learns. */
	let {
		causes,
		others,
		chosen,
		currency,
		canNever
	}: {
		/** Causes as they stand, with their places. */
		causes: SettleCause[];
		/** Every other cause, by itself. */
		others: { id: string; label: string }[];
		chosen: string | null;
		currency: string;
		/** Whether product, place and vehicle are known. */
		canNever: boolean;
	} = $props();

	const KINDS = [
		['part', 'a part'],
		['step', 'something done'],
		['other-lamp', 'another lamp'],
		['record', 'the record was wrong'],
		['not-the-lamp', 'not the lamp']
	] as const;

	let picked = $state<string | null>(null);
	const key = $derived(picked ?? chosen ?? causes[0]?.key ?? `other:${others[0]?.id ?? ''}`);
	const cause = $derived(causes.find((one) => one.key === key) ?? null);
	const id = $derived(cause?.cause ?? key.replace(/^other:/, ''));
</script>

<BusyForm action="?/settle" class="grid gap-2"
	>{#snippet children(busy)}
		<input type="hidden" name="cause" value={id} />
		<input type="hidden" name="socket" value={cause?.socket ?? ''} />
		<input type="hidden" name="channel" value={cause?.channel ?? ''} />
		<label class="grid gap-0.5 text-sm text-soft"
			>What it was
			<select class="field text-base text-ink" value={key} onchange={(event) => (picked = event.currentTarget.value)}>
				{#each causes as one (one.key)}<option value={one.key}>{one.words}</option>{/each}
				<optgroup label="Something else">
					{#each others as one (one.id)}<option value={`other:${one.id}`}>{one.label}</option>{/each}
				</optgroup>
			</select></label
		>
		{#key key}
			<label class="grid gap-0.5 text-sm text-soft"
				>What ended it
				<select class="field text-base text-ink" name="remedy" value={cause?.remedy.kind ?? 'step'}>
					{#each KINDS as [kind, label] (kind)}<option value={kind}>{label}</option>{/each}
				</select></label
			>
			<label class="grid gap-0.5 text-sm text-soft"
				>In words
				<textarea class="field text-base text-ink" name="words" rows="2" maxlength="200"
					>{cause?.remedy.words ?? ''}</textarea
				></label
			>
			<div class="grid grid-cols-2 gap-2">
				<label class="grid gap-0.5 text-sm text-soft"
					>Minutes<input class="field text-base text-ink" name="minutes" inputmode="numeric" /></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Cost, {currency}<input class="field text-base text-ink" name="cost" inputmode="decimal" /></label
				>
			</div>
			{#if cause?.lesson}
				<label class="grid gap-0.5 text-sm text-soft"
					>For the record: {cause.lesson.label.toLowerCase()}{cause.lesson.unit ? `, ${cause.lesson.unit}` : ''}
					<input class="field text-base text-ink" name="learns" value={cause.lesson.suggested} />
					<span>As measured in hand. Empty leaves the record as it is.</span></label
				>
			{/if}
			{#if canNever}
				<label class="flex min-h-8 items-center gap-2"
					><input type="checkbox" class="size-4" name="neverAgain" /> Never again: keep this lamp out of this place of this
					vehicle</label
				>
			{/if}
		{/key}
		<button class="button mr-auto" data-main disabled={busy}>Settle</button>
	{/snippet}</BusyForm
>
