<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';

	/** A column heading that sorts. `sorted` is how the column is sorted now. */
	let {
		text,
		sorted,
		number = false,
		onsort
	}: {
		text: string;
		sorted: false | 'asc' | 'desc';
		number?: boolean;
		onsort: ((event: Event) => void) | undefined;
	} = $props();

	const aria = $derived(sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none');
</script>

<th scope="col" aria-sort={aria} class={number ? 'number' : ''}>
	<button
		type="button"
		onclick={onsort}
		class={['inline-flex min-h-6 items-center gap-1 hover:text-ink', sorted && 'text-ink']}
	>
		{text}
		{#if sorted === 'asc'}<ArrowUp class="size-3" aria-hidden="true" />{:else if sorted === 'desc'}<ArrowDown
				class="size-3"
				aria-hidden="true"
			/>{/if}
	</button>
</th>
