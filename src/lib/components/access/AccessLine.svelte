<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { accessCompletions, readAccessLine, type AccessContext } from '$lib/core/access';
	import SourceSelect from '../record/SourceSelect.svelte';
	import LineField from '../ui/LineField.svelte';

	/** The access-line: one operation of the way in, in one line. Enter adds and moves on. */
	let { context }: { context: AccessContext } = $props();

	const desk = getDesk();
	const add = async (line: string) => (await desk.send({ kind: 'access-line', line, source: desk.source })).ok;
	const isReady = (line: string) => readAccessLine(line, context).problems.length === 0;
</script>

<LineField
	label="Access-line: side, part and what is done; then fasteners, after, minutes, care, reaches, parted by semicolons"
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
				<p class="flex flex-wrap items-center gap-1">
					<span class={['font-medium', read.problems.length === 0 ? 'text-sea' : 'text-soft']}
						>{read.problems.length === 0 ? 'Enter adds' : 'Not yet'}:</span
					>
					{#each read.taken as part, i (i)}
						{#if part.label !== null}
							<span class="rounded bg-sea-wash px-1.5">{part.label}</span>
						{:else}
							<span class="rounded border border-dashed border-refuse px-1.5 text-refuse"
								>{line.slice(part.from, part.to)}?</span
							>
						{/if}
					{/each}
				</p>
				{#each read.problems as problem (problem)}<p class="text-refuse">{problem}</p>{/each}
				{#each read.doubts as doubt (doubt)}<p class="text-needs">Look twice: {doubt}</p>{/each}
				{#if read.problems.length === 0 && read.missing.length > 0}
					<p class="text-sm text-soft">Not said yet: {read.missing.join(', ')}</p>
				{/if}
			{/if}
		</div>
	{/snippet}
</LineField>
