<script lang="ts">
	import { resolve } from '$app/paths';

	/** While a shop is on the way to its first kit: how far it is, and back to the steps. */
	let { start }: { start: { isSetUp: boolean; products: number; vehicles: number; kit: object | null } } = $props();

	const done = $derived(
		[start.isSetUp, start.products > 0, start.vehicles > 0, start.kit !== null].filter(Boolean).length
	);
</script>

<section class="panel flex flex-wrap items-center gap-3 border-sea! p-3" aria-label="The first hour">
	<p class="mr-auto">
		{done === 0
			? 'This shop is empty. Five short steps lead to the first kit, and each can be left.'
			: 'On the way to the first kit.'}
	</p>
	<a class="button" data-main href={resolve('/start')}>{done === 0 ? 'Begin' : 'On with the first hour'}</a>
</section>
