<script lang="ts">
	/** How the key of the socket stands when locked, seen from the front of the vehicle: pick on the dial, or type the angle. */
	let { value = $bindable() }: { value: string } = $props();

	const STEP = 15;
	const angle = $derived(value.trim() === '' || !Number.isFinite(Number(value)) ? null : Number(value));

	const at = (degrees: number, radius: number) => {
		const radians = (degrees * Math.PI) / 180;
		return [radius * Math.sin(radians), -radius * Math.cos(radians)] as const;
	};

	function pick(event: MouseEvent & { currentTarget: SVGSVGElement }): void {
		const box = event.currentTarget.getBoundingClientRect();
		const [x, y] = [event.clientX - box.x - box.width / 2, event.clientY - box.y - box.height / 2];
		const degrees = (Math.atan2(x, -y) * 180) / Math.PI;
		value = String((Math.round(degrees / STEP) * STEP + 360) % 360);
	}
</script>

<div class="flex items-center gap-3">
	<svg viewBox="-60 -60 120 120" class="size-28 shrink-0 cursor-pointer" aria-hidden="true" onclick={pick}>
		<circle r="44" class="ring" />
		{#each [0, 3, 6, 9] as hour (hour)}
			{@const [x, y] = at(hour * 30, 53)}
			<text {x} y={y + 4}>{hour === 0 ? 12 : hour}</text>
		{/each}
		{#each { length: 24 }, i (i)}
			{@const [x1, y1] = at(i * STEP, 44)}
			{@const [x2, y2] = at(i * STEP, 40)}
			<path class="tick" d={`M${x1} ${y1}L${x2} ${y2}`} />
		{/each}
		<circle r="30" class="socket" />
		{#if angle !== null}
			<g transform={`rotate(${angle})`}><path class="key" d="M-7 -28h14v-12h-14z" /></g>
		{:else}
			<text y="4">?</text>
		{/if}
	</svg>
	<label class="grid gap-0.5 text-sm text-soft"
		>Key angle, ° clockwise from 12, seen from the front
		<input class="field w-24 text-base text-ink" inputmode="decimal" bind:value />
	</label>
</div>

<style>
	.ring {
		fill: none;
		stroke: var(--line);
	}
	.socket {
		fill: var(--raised);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.key {
		fill: var(--sea);
	}
	.tick {
		stroke: var(--soft);
	}
	text {
		font-size: 11px;
		text-anchor: middle;
		fill: var(--soft);
	}
</style>
