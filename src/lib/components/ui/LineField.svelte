<script lang="ts">
	import { isPressed } from '$lib/client/shortcuts';
	import { onMount, tick, type Snippet } from 'svelte';

	/** A line that is read while it is typed: words are finished by keys, Enter adds it and moves on. */
	let {
		label,
		placeholder,
		focused = false,
		begun = '',
		offersAt,
		isReady,
		onadd,
		beside,
		reading
	}: {
		label: string;
		placeholder: string;
		/** True when an empty page begins with it. */
		focused?: boolean;
		/** What stands in it already. */
		begun?: string;
		/** Ways to finish the word before the caret. */
		offersAt: (line: string, caret: number) => { word: string; label: string; line: string; caret: number }[];
		/** False while a line cannot be taken as it stands. */
		isReady: (line: string) => boolean;
		/** Takes a line; false when it was not written. */
		onadd: (line: string) => Promise<boolean>;
		/** What stands beside the field, told what is in it. */
		beside?: Snippet<[string]>;
		/** What the line was understood to say, and how many are on their way. */
		reading: Snippet<[string, number]>;
	} = $props();

	const uid = $props.id();

	let line = $state('');
	let caret = $state(0);
	let chosen = $state(-1);
	let closed = $state(false);
	let field = $state<HTMLInputElement>();
	/** Lines on their way. */
	let underway = $state(0);

	const offers = $derived(closed ? [] : offersAt(line, caret));

	/** Puts a beginning into the line, for things that are usually there. */
	export async function begin(text: string): Promise<void> {
		line = text;
		await tick();
		field?.focus();
		field?.setSelectionRange(text.length, text.length);
		caret = text.length;
	}

	onMount(() => {
		if (begun) void begin(begun);
	});

	function typed(event: Event & { currentTarget: HTMLInputElement }): void {
		caret = event.currentTarget.selectionStart ?? line.length;
		chosen = -1;
		closed = false;
	}

	async function accept(index: number): Promise<void> {
		const offer = offers[index];
		if (!offer) return;
		await begin(offer.line);
		field?.setSelectionRange(offer.caret, offer.caret);
		caret = offer.caret;
		chosen = -1;
	}

	async function add(): Promise<void> {
		if (line.trim() === '' || !isReady(line)) return;
		const sent = line;
		line = '';
		chosen = -1;
		underway += 1;
		const written = await onadd(sent);
		underway -= 1;
		// What could not be written comes back, unless the next line has been begun: then it stands before it.
		if (!written) line = [sent, line].filter(Boolean).join(' ');
	}

	function key(event: KeyboardEvent): void {
		const last = offers.length - 1;
		if (isPressed('offer-down', event) && last >= 0) chosen = chosen >= last ? 0 : chosen + 1;
		else if (isPressed('offer-up', event) && last >= 0) chosen = chosen <= 0 ? last : chosen - 1;
		else if (isPressed('offer-close', event)) closed = true;
		else if (isPressed('offer-take', event) && chosen >= 0) void accept(chosen);
		else if (isPressed('line-add', event)) void add();
		else return;
		event.preventDefault();
	}
</script>

<div class="grid gap-1">
	<div class="flex flex-wrap items-end gap-2">
		<label class="grid min-w-64 grow basis-0 gap-0.5 text-sm text-soft">
			{label}
			<!-- svelte-ignore a11y_autofocus (an empty record begins with this line) -->
			<input
				bind:this={field}
				data-line
				autofocus={focused}
				bind:value={line}
				class="field min-h-11! text-lg text-ink"
				{placeholder}
				autocomplete="off"
				autocapitalize="off"
				spellcheck="false"
				role="combobox"
				aria-expanded={offers.length > 0}
				aria-controls={`${uid}-offers`}
				aria-activedescendant={chosen >= 0 ? `${uid}-${chosen}` : undefined}
				aria-autocomplete="list"
				aria-describedby={`${uid}-reading`}
				oninput={typed}
				onkeydown={key}
			/>
		</label>
		{@render beside?.(line)}
	</div>
	<ul id={`${uid}-offers`} role="listbox" aria-label="Ways to go on" class="flex min-h-6 flex-wrap gap-1">
		{#each offers as offer, i (offer.word)}
			<!-- svelte-ignore a11y_click_events_have_key_events (the field has the keys) -->
			<li
				id={`${uid}-${i}`}
				role="option"
				aria-selected={i === chosen}
				class="rounded border border-line px-1.5 text-sm aria-selected:border-sea aria-selected:bg-sea-wash"
				onclick={() => accept(i)}
			>
				{offer.word} <span class="text-soft">{offer.label === offer.word ? '' : offer.label}</span>
			</li>
		{/each}
	</ul>
	<div id={`${uid}-reading`}>{@render reading(line, underway)}</div>
</div>
