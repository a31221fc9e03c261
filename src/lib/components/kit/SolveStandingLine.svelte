<script lang="ts">
	import { standingText, type SolveStanding } from './standing';

	/** How far a solver is, and the way to stop it. */
	let { standing, onstop }: { standing: SolveStanding | null; onstop: () => void } = $props();
</script>

<p class="mt-1 flex flex-wrap items-center gap-2 text-sm text-soft" role="status">
	{standingText(standing)}
	<button type="button" class="button min-h-7! py-0!" onclick={onstop}>Stop</button>
</p>
