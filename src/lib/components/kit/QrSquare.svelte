<script lang="ts">
	/** A QR code, black on white with its quiet zone. */
	let { qr, label }: { qr: { size: number; path: string }; label: string } = $props();

	const QUIET = 4;
</script>

<svg
	viewBox={`${-QUIET} ${-QUIET} ${qr.size + 2 * QUIET} ${qr.size + 2 * QUIET}`}
	class="block w-full bg-white"
	role="img"
	aria-label={label}
	shape-rendering="crispEdges"
>
	<path d={qr.path} fill="#000" />
</svg>
