<script lang="ts">
	import { CARD_HEIGHT_MM, CARD_MM, LEAST, MOST, type ScreenScale } from '$lib/client/screen-scale.svelte';

	/** Sets the scale of the screen by a bank card held against a drawing of one. */
	let { scale }: { scale: ScreenScale } = $props();
</script>

<details class="panel p-3" open={!scale.isSet}>
	<summary class="cursor-pointer font-medium"
		>True size on this screen <span class="font-normal text-soft">{scale.isSet ? 'set by a card' : 'not set yet'}</span
		></summary
	>
	<p class="mt-2 text-sm text-soft">
		Hold a bank card against the drawing and move the bar until both are alike. Then lay the lamp on its drawing.
	</p>
	<label class="mt-2 flex items-center gap-2 text-sm"
		>Size of the card
		<input
			type="range"
			class="grow accent-(--sea)"
			min={LEAST}
			max={MOST}
			step="0.02"
			value={scale.perMm}
			oninput={(event) => (scale.perMm = Number(event.currentTarget.value))}
		/></label
	>
	<div class="mt-2 overflow-x-auto">
		<div
			class="rounded-xl border-2 border-soft"
			style:width={`${CARD_MM * scale.perMm}px`}
			style:height={`${CARD_HEIGHT_MM * scale.perMm}px`}
			role="img"
			aria-label="A bank card, 85.6 by 54 mm"
		></div>
	</div>
</details>
