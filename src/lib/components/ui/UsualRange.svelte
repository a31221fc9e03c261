<script lang="ts">
	import { readNumber } from '$lib/core/quantity';

	/** From where to where a number commonly lies; one that lies outside is asked to be read again, and may stay. */
	let { usual, typed }: { usual: readonly [low: number, high: number]; typed: string } = $props();

	const value = $derived(readNumber(typed));
	const isOdd = $derived(value !== null && (value < usual[0] || value > usual[1]));
	const words = $derived(`${usual[0].toLocaleString('en')} to ${usual[1].toLocaleString('en')}`);
</script>

<span aria-live="polite" class={['leading-tight', isOdd && 'font-medium text-unknown']}
	>{isOdd ? `Not the usual ${words}: read it again. It may stay.` : `usually ${words}`}</span
>
