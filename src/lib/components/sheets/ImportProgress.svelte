<script lang="ts">
	import { Progress } from 'bits-ui';
	import BusyForm from '../ui/BusyForm.svelte';

	interface Step {
		phase: string;
		done: number;
		total: number;
	}

	/** How far a spreadsheet is read, with a way to stop. */
	let { address, start, ondone }: { address: string; start: Step; ondone: () => void } = $props();

	const EVERY_MS = 250;
	const WORDS: Record<string, string> = {
		waiting: 'Waiting for its turn',
		reading: 'Reading the file',
		checking: 'Checking the rows',
		writing: 'Writing the records',
		done: 'Done'
	};
	let step = $derived(start);

	async function ask(): Promise<void> {
		const response = await fetch(address);
		const state = response.ok ? ((await response.json()) as { progress: Step; done: boolean }) : null;
		if (state) step = state.progress;
		if (!state || state.done) ondone();
	}

	// Asks the outside world again and again, until this is taken off the page.
	$effect(() => {
		const timer = setInterval(() => void ask(), EVERY_MS);
		return () => clearInterval(timer);
	});
</script>

<div class="panel grid gap-3 p-4" aria-live="polite">
	<p>{WORDS[step.phase] ?? step.phase}{step.total > 0 ? `: ${step.done} of ${step.total} rows` : '…'}</p>
	<Progress.Root
		value={step.total > 0 ? step.done : null}
		max={Math.max(step.total, 1)}
		aria-label="Progress of the import"
		class="h-2 overflow-hidden rounded bg-raised"
	>
		<div class="h-full bg-sea" style:width={`${step.total > 0 ? (100 * step.done) / step.total : 3}%`}></div>
	</Progress.Root>
	<BusyForm action="?/cancel"
		>{#snippet children(busy)}<button class="button" disabled={busy}>Stop, and write nothing</button
			>{/snippet}</BusyForm
	>
</div>
