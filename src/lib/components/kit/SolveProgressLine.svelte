<script lang="ts">
	import { progressText, type SolveState } from './progress';

	/** How far a solver is, and the way to stop it. */
	let { progress, onstop }: { progress: SolveState | null; onstop: () => void } = $props();
</script>

<p class="mt-1 flex flex-wrap items-center gap-2 text-sm text-soft" role="status">
	{progressText(progress)}
	<button type="button" class="button min-h-7! py-0!" onclick={onstop}>Stop</button>
</p>
