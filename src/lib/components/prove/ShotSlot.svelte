<script lang="ts">
	import type { Quad } from '$lib/core/beam';
	import type { DeskShot } from './beam-desk.svelte';
	import MarkHandles from './MarkHandles.svelte';

	/** One picture: taken, chosen or dropped; with the handles on it while it is marked. */
	let {
		title,
		shot,
		onfile,
		onmarks,
		ondone
	}: {
		title: string;
		shot: DeskShot | null;
		onfile: (file: Blob) => void;
		onmarks: (marks: Quad) => void;
		ondone: () => void;
	} = $props();

	let over = $state(false);

	function dropped(event: DragEvent): void {
		event.preventDefault();
		over = false;
		const [file] = event.dataTransfer?.files ?? [];
		if (file) onfile(file);
	}
</script>

<section
	class={['grid gap-1 rounded border p-2', over ? 'border-sea' : 'border-line']}
	aria-label={title}
	ondragover={(event) => {
		event.preventDefault();
		over = true;
	}}
	ondragleave={() => (over = false)}
	ondrop={dropped}
>
	<div class="flex flex-wrap items-center justify-between gap-2">
		<h3 class="font-medium">{title}</h3>
		<label class="button cursor-pointer"
			>{shot ? 'Another one' : 'Take or choose'}<input
				class="sr-only"
				type="file"
				accept="image/png,image/jpeg"
				aria-label={`${title}: picture`}
				onchange={(event) => {
					const [file] = event.currentTarget.files ?? [];
					if (file) onfile(file);
					event.currentTarget.value = '';
				}}
			/></label
		>
	</div>
	{#if shot}
		<div class="relative">
			<img class="w-full" src={shot.url} alt={`${title}, as it was taken`} />
			{#if shot.marks}<MarkHandles
					marks={shot.marks}
					label={`Marks on the picture ${title.toLowerCase()}`}
					onmove={onmarks}
					{ondone}
				/>{/if}
		</div>
		<p class="text-sm text-soft">
			{shot.width} x {shot.height}{shot.exposure
				? `, 1/${Math.round(1 / shot.exposure.seconds)} s, f/${shot.exposure.fNumber}, ISO ${shot.exposure.iso}`
				: ', exposure not said'}{shot.targets ? ', targets found' : ''}
		</p>
	{:else}
		<p class="grid min-h-28 place-content-center text-center text-soft">Drop a picture here</p>
	{/if}
</section>
