<script lang="ts">
	import { lightAt, type BeamPattern } from '$lib/core/beam';

	/** A beam on a wall as a sketch, from its pattern of light. */
	let { pattern }: { pattern: BeamPattern } = $props();

	const [WIDTH, HEIGHT] = [220, 110];
	/** Degrees of the wall across the sketch. */
	const ACROSS = 26;
	/** Light is drawn as eyes tell it apart, not as a meter does. */
	const GAMMA = 0.5;

	function drawn(canvas: HTMLCanvasElement) {
		canvas.width = WIDTH;
		canvas.height = HEIGHT;
		const context = canvas.getContext('2d');
		if (!context) return;
		const image = context.createImageData(WIDTH, HEIGHT);
		for (let y = 0; y < HEIGHT; y++)
			for (let x = 0; x < WIDTH; x++) {
				const right = (x / WIDTH - 0.5) * ACROSS;
				const up = ((HEIGHT / 2 - y) / WIDTH) * ACROSS - 1;
				const grey = 255 * Math.min(1, lightAt(pattern, right, up) ** GAMMA);
				image.data.set([grey, grey, grey * 0.96, 255], (y * WIDTH + x) * 4);
			}
		context.putImageData(image, 0, 0);
	}
</script>

{#key pattern}
	<canvas class="w-full rounded border border-line" aria-hidden="true" {@attach drawn}></canvas>
{/key}
