<script lang="ts">
	import type { SeenInstead } from '$lib/core/model';

	/** What was seen in place of what should be: chosen, with the lamps it was seen at, and the message that came. */
	let {
		lamps,
		channels,
		flashes,
		onsay,
		onback
	}: {
		lamps: { id: string; name: string }[];
		/** Outputs whose message may come. */
		channels: { id: string; message: string }[];
		flashes: boolean;
		onsay: (said: { saw: { what: SeenInstead; sockets: string[] }[]; complained: string[]; note?: string }) => void;
		onback: () => void;
	} = $props();

	const CHOICES: readonly { what: SeenInstead; words: string; when?: 'flashes' }[] = [
		{ what: 'dark', words: 'stays dark' },
		{ what: 'dim', words: 'is dim' },
		{ what: 'wrong-colour', words: 'wrong colour' },
		{ what: 'wrong-lamp', words: 'another lamp lights' },
		{ what: 'flickers', words: 'flickers' },
		{ what: 'glows', words: 'glows while off' },
		{ what: 'races', words: 'races', when: 'flashes' },
		{ what: 'does-not-flash', words: 'does not flash', when: 'flashes' },
		{ what: 'message', words: 'a message came' },
		{ what: 'no-message', words: 'the message did not come' }
	];
	const offered = $derived(CHOICES.filter(({ when }) => when !== 'flashes' || flashes));
	let chosen = $state<SeenInstead[]>([]);
	let where = $state<string[]>([]);
	let complained = $state<string[]>([]);
	let note = $state('');

	const toggled = <T,>(list: readonly T[], one: T) =>
		list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
	const wantsLamps = $derived(chosen.some((what) => what !== 'message' && what !== 'no-message'));
	const isEmpty = $derived(chosen.length === 0 && note.trim() === '');
</script>

<div class="grid gap-3">
	<h3 class="font-medium">What was seen instead?</h3>
	<div class="flex flex-wrap gap-2">
		{#each offered as { what, words } (what)}
			<button
				type="button"
				class="chip min-h-11! px-4!"
				aria-pressed={chosen.includes(what)}
				onclick={() => (chosen = toggled(chosen, what))}>{words}</button
			>
		{/each}
	</div>
	{#if wantsLamps && lamps.length > 0}
		<fieldset class="flex flex-wrap gap-2">
			<legend class="text-sm text-soft">At which lamps?</legend>
			{#each lamps as lamp (lamp.id)}
				<button
					type="button"
					class="chip min-h-11! px-3!"
					aria-pressed={where.includes(lamp.id)}
					onclick={() => (where = toggled(where, lamp.id))}>{lamp.name}</button
				>
			{/each}
		</fieldset>
	{/if}
	{#if chosen.includes('message')}
		<fieldset class="flex flex-wrap gap-2">
			<legend class="text-sm text-soft">Which message?</legend>
			{#each channels as channel (channel.id)}
				<button
					type="button"
					class="chip min-h-11! px-3!"
					aria-pressed={complained.includes(channel.id)}
					onclick={() => (complained = toggled(complained, channel.id))}>{channel.message}</button
				>
			{:else}
				<span class="text-soft">No output of this mode has a message on record: write it as a note.</span>
			{/each}
		</fieldset>
	{/if}
	<label class="grid gap-0.5 text-sm text-soft"
		>In words, if you like
		<input class="field text-base text-ink" bind:value={note} maxlength="1000" /></label
	>
	<div class="flex flex-wrap gap-2">
		<button
			type="button"
			class="button min-h-12! grow justify-center"
			data-main
			disabled={isEmpty}
			onclick={() =>
				onsay({
					saw: chosen.map((what) => ({ what, sockets: what === 'message' || what === 'no-message' ? [] : where })),
					complained: chosen.includes('message') ? complained : [],
					...(note.trim() ? { note: note.trim() } : {})
				})}>Keep it</button
		>
		<button type="button" class="button min-h-12!" onclick={onback}>Back</button>
	</div>
</div>
