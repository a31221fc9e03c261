<script lang="ts">
	import type { StepDrawing } from '$lib/core/fitup';

	/** The small drawing beside a step: how a lamp is turned in its collar, or which wire goes where. */
	let { drawing }: { drawing: StepDrawing } = $props();

	const R = 44;
	const HOURS = Array.from({ length: 12 }, (_, hour) => hour * 30);
	/** A point on the face, degrees clockwise from 12 o'clock. */
	const at = (degrees: number, radius: number) => {
		const angle = ((degrees - 90) * Math.PI) / 180;
		return `${(Math.cos(angle) * radius).toFixed(1)},${(Math.sin(angle) * radius).toFixed(1)}`;
	};
	const now = $derived(drawing.kind === 'clock' ? drawing.key + drawing.emitter : 0);
	const turn = $derived(drawing.kind === 'clock' ? drawing.turn : null);
	const way = $derived(turn ? (turn.direction === 'clockwise' ? 1 : -1) * turn.degrees : 0);
	const ends = $derived(now + way);
	const sweep = $derived(way > 0 ? 1 : 0);
</script>

{#snippet face()}
	<circle r={R} fill="none" stroke="var(--line)" stroke-width="2" />
	{#each HOURS as hour (hour)}
		<path d={`M${at(hour, R - 4)} L${at(hour, R)}`} stroke="var(--soft)" stroke-width="1.5" />
	{/each}
	<text x="0" y={-R - 3} text-anchor="middle" font-size="9" fill="var(--soft)">12</text>
	<text x={R + 3} y="3" font-size="9" fill="var(--soft)">3</text>
	<text x={-R - 3} y="3" text-anchor="end" font-size="9" fill="var(--soft)">9</text>
{/snippet}

{#if drawing.kind === 'clock'}
	<figure class="w-44">
		<svg viewBox="-56 -56 112 112" role="img" aria-label="Emitters on the clock face, seen from the front">
			{@render face()}
			{#if turn}
				<path
					d={`M${at(now, 32)} L${at(now + 180, 32)}`}
					stroke="var(--soft)"
					stroke-width="3"
					stroke-dasharray="4 3"
				/>
				<path
					d={`M${at(now, 24)} A24,24 0 0 ${sweep} ${at(ends, 24)}`}
					fill="none"
					stroke="var(--sea)"
					stroke-width="2.5"
				/>
				<circle r="3" transform={`translate(${at(ends, 24)})`} fill="var(--sea)" />
			{/if}
			<path d={`M${at(ends, 34)} L${at(ends + 180, 34)}`} stroke="var(--ink)" stroke-width="5" stroke-linecap="round" />
			<circle r="7" fill="var(--panel)" stroke="var(--ink)" stroke-width="2" />
		</svg>
		<figcaption class="text-sm text-soft">
			{turn
				? `Dashed: as it comes. Solid: after ${Math.round(turn.degrees)}° ${turn.direction}. Seen from the front.`
				: 'As it stands when locked, seen from the front.'}
		</figcaption>
	</figure>
{:else if drawing.kind === 'mark'}
	<figure class="w-44">
		<svg viewBox="-56 -56 112 112" role="img" aria-label="Mark of the holder on the clock face, seen from the front">
			{@render face()}
			<circle r="26" fill="none" stroke="var(--ink)" stroke-width="2" />
			<path
				d={`M${at(drawing.at, 26)} L${at(drawing.at, 38)}`}
				stroke="var(--sea)"
				stroke-width="6"
				stroke-linecap="round"
			/>
		</svg>
		<figcaption class="text-sm text-soft">How the mark of the holder stands, seen from the front.</figcaption>
	</figure>
{:else}
	<ul class="grid gap-1" aria-label="Which wire goes where">
		{#each drawing.wires as { colour, to } (colour + to)}
			<li class="flex items-center gap-2">
				<span class="w-28 text-right font-medium">{colour}</span>
				<svg viewBox="0 0 60 16" class="h-4 w-16" aria-hidden="true">
					<path d="M8,8 H52" stroke="var(--ink)" stroke-width="3" />
					<rect x="0" y="2" width="8" height="12" rx="1" fill="none" stroke="var(--ink)" stroke-width="2" />
					<rect x="52" y="2" width="8" height="12" rx="1" fill="none" stroke="var(--ink)" stroke-width="2" />
				</svg>
				<span>{to}</span>
			</li>
		{/each}
	</ul>
{/if}
