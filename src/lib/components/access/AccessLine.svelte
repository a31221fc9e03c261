<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { accessCompletions, readAccessLine, type AccessContext } from '$lib/core/access';
	import SourceSelect from '../record/SourceSelect.svelte';
	import LineField from '../ui/LineField.svelte';
	import TakenWords from '../ui/TakenWords.svelte';

	/** The access-line: one operation of the way in, in one line. Enter adds and moves on. */
	let { context }: { context: AccessContext } = $props();

	const desk = getDesk();
	const add = async (line: string) => (await desk.send({ kind: 'access-line', line, source: desk.source })).ok;
	const isReady = (line: string) => readAccessLine(line, context).problems.length === 0;
</script>

<LineField
	label="Access-line: side, part and what is done; then, each after a semicolon, fasteners, after, minutes, care, reaches"
	placeholder="left headlamp out: 2x 10 mm bolt; after grille; reaches low; 6 min off 8 on"
	focused={(context.access?.operations ?? []).length === 0}
	offersAt={(line, caret) => accessCompletions(line, caret, context)}
	{isReady}
	onadd={add}
>
	{#snippet beside()}<SourceSelect bind:value={desk.source} label="What you go by" />{/snippet}
	{#snippet reading(line, underway)}
		{@const read = readAccessLine(line, context)}
		<div class="min-h-12" aria-live="polite">
			{#if line.trim() === ''}
				<p class="text-soft">
					{underway > 0
						? `${underway} on the way to the record…`
						: 'For example: open bonnet; 1 min · grille off: 4 clips; after bonnet; 3 min · right reservoir aside; care: do not open it'}
				</p>
			{:else}
				<TakenWords {line} {...read} />
			{/if}
		</div>
	{/snippet}
</LineField>
