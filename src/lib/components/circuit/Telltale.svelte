<script lang="ts">
	/** A tell-tale of the dash, drawn simply: what it stands for is said beside the drawing for those who do not see it. */
	let {
		sign,
		isOn,
		perMinute = null
	}: {
		sign: keyof typeof SIGNS;
		isOn: boolean;
		/** How often it flashes; null while it is steady. */
		perMinute?: number | null;
	} = $props();

	/** Outlines in a box of 24; the light is that of the tell-tale where it is lit. */
	const SIGNS = {
		left: { says: 'left turn signal', light: '#3ddc84', d: 'M4 12l8-8v5h8v6h-8v5z' },
		right: { says: 'right turn signal', light: '#3ddc84', d: 'M20 12l-8-8v5H4v6h8v5z' },
		position: {
			says: 'position lamps',
			light: '#3ddc84',
			d: 'M9 8a4 4 0 0 0 0 8zM15 8a4 4 0 0 1 0 8zM2 12h4M3 7l3 2M3 17l3-2M18 12h4M21 7l-3 2M21 17l-3-2'
		},
		low: { says: 'low beam', light: '#3ddc84', d: 'M13 5c6 0 8 4 8 7s-2 7-8 7zM10 6l-7 3M10 11l-7 3M10 16l-7 3' },
		high: { says: 'high beam', light: '#4d8dff', d: 'M13 5c6 0 8 4 8 7s-2 7-8 7zM10 7H2M10 12H2M10 17H2' },
		fog: {
			says: 'fog lamps',
			light: '#3ddc84',
			d: 'M13 5c6 0 8 4 8 7s-2 7-8 7zM10 8l-7 2M10 12l-7 2M10 16l-7 2M5 5c2 5-2 8 0 14'
		},
		warning: {
			says: 'lamp warning',
			light: '#ffb02e',
			d: 'M8 4h8a6 6 0 0 1 0 12H8A6 6 0 0 1 8 4zM12 6v5M12 13v1M9 18h6M10 21h4'
		}
	} as const;

	const shown = $derived(SIGNS[sign]);
</script>

<svg
	viewBox="0 0 24 24"
	class={['size-8', isOn && perMinute !== null && 'flashes']}
	style:--period={perMinute ? `${60 / perMinute}s` : undefined}
	role="img"
	aria-label={`${shown.says}: ${isOn ? 'on' : 'off'}`}
>
	<path d={shown.d} stroke={isOn ? shown.light : '#51646c'} fill={isOn && perMinute !== null ? shown.light : 'none'} />
</svg>

<style>
	path {
		stroke-width: 1.6;
		stroke-linejoin: round;
		stroke-linecap: round;
	}
	.flashes {
		animation: flash var(--period) steps(1) infinite;
	}
	@keyframes flash {
		50% {
			opacity: 0.25;
		}
	}
</style>
