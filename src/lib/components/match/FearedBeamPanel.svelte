<script lang="ts">
	import { plainBeam, type FearedBeam } from '$lib/core/beam';
	import BeamSketch from '../charts/BeamSketch.svelte';

	/** A sketch of the beam a lamp is to be feared of, beside the one of the lamp the optic was made for. */
	let { beam }: { beam: FearedBeam } = $props();

	const plain = $derived(plainBeam({ rises: beam.pattern.arm === 0 ? null : beam.pattern.rises }));
</script>

<div class="grid max-w-2xl gap-3 @md:grid-cols-2">
	{#each [{ name: 'The lamp the optic was made for', pattern: plain }, { name: 'This lamp, as it is to be feared', pattern: beam.pattern }] as one (one.name)}
		<figure>
			<BeamSketch pattern={one.pattern} />
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
