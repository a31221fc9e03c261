<script lang="ts">
	/** Causes in order, each opened into why it stands there. */
	let {
		causes,
		other,
		isExplained,
		chosen,
		onchoose
	}: {
		causes: { key: string; words: string; score: number; why: string[]; remedy: { words: string } }[];
		/** Share of belief in nothing that is on the list. */
		other: number;
		/** Whether the first of them makes anything that was seen. */
		isExplained: boolean;
		chosen: string | null;
		onchoose: (key: string) => void;
	} = $props();

	const percent = (share: number) => (share < 0.005 ? 'under 1 %' : `${Math.round(100 * share)} %`);
</script>

{#if !isExplained}
	<p class="mb-2 text-needs">
		Nothing on this list explains it well. Look again at what was seen, in which mode and where, or whether the kit is
		the one that was fitted.
	</p>
{/if}
<ol class="grid gap-1">
	{#each causes as cause, i (cause.key)}
		<li class="rounded border border-line p-2 data-[on=true]:border-sea" data-on={cause.key === chosen}>
			<button
				type="button"
				class="grid w-full grid-cols-[1.4rem_minmax(0,1fr)_auto] items-baseline gap-2 text-left"
				aria-expanded={cause.key === chosen}
				onclick={() => onchoose(cause.key)}
			>
				<span class="number text-soft">{i + 1}</span>
				<span class="font-medium">{cause.words}</span>
				<span class="number">{percent(cause.score)}</span>
			</button>
			<div class="mt-1 h-1.5 rounded bg-line" aria-hidden="true">
				<div class="h-full rounded bg-sea" style={`width: ${Math.max(1, 100 * cause.score)}%`}></div>
			</div>
			{#if cause.key === chosen}
				<ul class="mt-2 grid list-disc gap-0.5 pl-5 text-sm">
					{#each cause.why as words (words)}<li>{words}</li>{/each}
				</ul>
				<p class="mt-1 text-sm"><span class="text-soft">What usually ends it:</span> {cause.remedy.words}</p>
			{/if}
		</li>
	{/each}
</ol>
<p class="mt-1 text-sm text-soft">
	Something that is not on this list: {percent(other)}. Shares follow from the circuit played with each fault, from what
	was seen and not seen, and from complaints settled here; they are no measurement.
</p>
