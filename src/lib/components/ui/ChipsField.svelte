<script lang="ts">
	import { Combobox } from 'bits-ui';
	import X from '@lucide/svelte/icons/x';

	/**
	 * Several words in one field: typed or chosen one by one, each a chip that can be taken out again. Enter or a comma takes what is
	 * typed, Backspace in an empty field takes the last one out.
	 */
	let {
		name,
		label,
		value = '',
		separator,
		offers = [],
		isFree = true,
		byComma = true,
		placeholder = '',
		invalid = false,
		describedby
	}: {
		/** Under which the form sends it, joined by `separator`. */
		name: string;
		label: string;
		value?: string | undefined;
		separator: string;
		/** Words that are offered while one types. */
		offers?: readonly string[];
		/** True where words may be taken that are not offered. */
		isFree?: boolean;
		/** True where a comma ends a word; false where words hold commas, such as sentences. */
		byComma?: boolean;
		placeholder?: string;
		invalid?: boolean;
		describedby?: string | undefined;
	} = $props();

	const MOST_OFFERED = 30;
	const uid = $props.id();
	const wordsIn = (text: string) =>
		text
			.split(separator.trim() || separator)
			.map((word) => word.trim())
			.filter(Boolean);

	let chosen = $derived(wordsIn(value));
	let typed = $state('');
	let isOpen = $state(false);
	const beginsTyped = (word: string) => word.toLowerCase().startsWith(typed.trim().toLowerCase());
	const offered = $derived(
		offers
			.filter((word) => !chosen.includes(word) && word.toLowerCase().includes(typed.trim().toLowerCase()))
			.sort((a, b) => Number(beginsTyped(b)) - Number(beginsTyped(a)))
			.slice(0, MOST_OFFERED)
	);

	function choose(next: string[]): void {
		chosen = next;
		typed = '';
	}

	function take(text: string): void {
		const word = text.trim();
		const known = offers.find((offer) => offer.toLowerCase() === word.toLowerCase());
		const next = known ?? (isFree ? word : '');
		if (next && !chosen.includes(next)) chosen = [...chosen, next];
		if (next) typed = '';
	}

	function key(event: KeyboardEvent & { currentTarget: HTMLInputElement }): void {
		const highlighted = event.currentTarget.getAttribute('aria-activedescendant');
		if ((event.key === ',' && byComma) || (event.key === 'Enter' && typed.trim() !== '' && !(isOpen && highlighted))) {
			event.preventDefault();
			take(typed);
		} else if (event.key === 'Backspace' && typed === '') chosen = chosen.slice(0, -1);
	}
</script>

<div class="grid content-start gap-0.5 text-sm text-soft">
	<label for={`${uid}-input`}>{label}</label>
	<input type="hidden" {name} value={chosen.join(separator)} />
	<Combobox.Root type="multiple" bind:value={() => chosen, choose} inputValue={typed} bind:open={isOpen}>
		<div
			class="field flex flex-wrap items-center gap-1 py-0.5! text-base text-ink focus-within:outline-2 focus-within:outline-sea"
		>
			{#each chosen as word (word)}
				<span class="chip inline-flex items-center gap-1 bg-raised! text-sm">
					{word}<button
						type="button"
						class="rounded-full hover:text-refuse"
						aria-label={`Take ${word} out`}
						onclick={() => (chosen = chosen.filter((one) => one !== word))}
						><X class="size-3.5" aria-hidden="true" /></button
					>
				</span>
			{/each}
			<Combobox.Input
				id={`${uid}-input`}
				class="min-h-7 min-w-20 grow bg-transparent outline-none"
				placeholder={chosen.length === 0 ? placeholder : ''}
				autocomplete="off"
				aria-invalid={invalid ? 'true' : undefined}
				aria-describedby={describedby}
				oninput={(event) => {
					typed = event.currentTarget.value;
					isOpen = offers.length > 0;
				}}
				onkeydown={key}
				onblur={() => take(typed)}
			/>
		</div>
		{#if offered.length > 0}
			<Combobox.Portal>
				<Combobox.Content
					class="panel z-20 max-h-64 w-(--bits-combobox-anchor-width) overflow-y-auto p-1 shadow-md"
					sideOffset={2}
				>
					{#each offered as word (word)}
						<Combobox.Item
							value={word}
							label={word}
							class="cursor-pointer rounded px-2 py-1 data-highlighted:bg-sea-wash">{word}</Combobox.Item
						>
					{/each}
				</Combobox.Content>
			</Combobox.Portal>
		{/if}
	</Combobox.Root>
</div>
