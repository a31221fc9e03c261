<script lang="ts">
	import { lightAt, plainBeam, type BeamPattern, type FearedBeam } from '$lib/core/beam';

	/** A sketch of the beam a lamp is to be feared of, beside the one of the lamp the optic was made for. */
	let { beam }: { beam: FearedBeam } = $props();

	const [WIDTH, HEIGHT] = [220, 110];
	/** Degrees of the wall across the sketch. */
	const ACROSS = 26;
	/** Light is drawn as eyes tell it apart, not as a meter does. */
	const GAMMA = 0.5;

	function drawn(pattern: BeamPattern) {
		return (canvas: HTMLCanvasElement) => {
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
		};
	}

	const plain = $derived(plainBeam({ rises: beam.pattern.arm === 0 ? null : beam.pattern.rises }));
</script>

<div class="grid max-w-2xl gap-3 @md:grid-cols-2">
	{#each [{ name: 'The lamp the optic was made for', pattern: plain }, { name: 'This lamp, as it is to be feared', pattern: beam.pattern }] as one (one.name)}
		<figure>
			{#key one.pattern}
				<canvas class="w-full rounded border border-line" aria-hidden="true" {@attach drawn(one.pattern)}></canvas>
			{/key}
			<figcaption class="text-sm text-soft">{one.name} (sketch)</figcaption>
		</figure>
	{/each}
</div>
<ul class="mt-2 list-disc pl-5">
	{#each beam.fears as fear (fear)}<li>{fear}</li>{:else}<li>Nothing known speaks against its beam.</li>{/each}
</ul>
{#if beam.notKnown.length > 0}<p class="text-soft">
		Not known, and drawn as if it were right: {beam.notKnown.join('; ')}.
	</p>{/if}
<p class="text-sm text-soft">
	A sketch from rules of thumb, no measurement: the wall decides. Take two pictures of it under Prove before anybody
	drives by it at night.
</p>
