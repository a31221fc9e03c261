<script lang="ts">
	import { shopFormats } from '../ui/shop-formats';
	import { progressText, type SolveState } from './progress';

	const { price } = shopFormats();

	/** How far a solver is, and the way to stop it. */
	let { progress, onstop }: { progress: SolveState | null; onstop: () => void } = $props();
</script>

<p class="mt-1 flex flex-wrap items-center gap-2 text-sm text-soft" role="status">
	{progressText(progress, price)}
	<button type="button" class="button min-h-7! py-0!" onclick={onstop}>Stop</button>
</p>
