import type { CapKind, Retention } from '$lib/core/model';

/** How a lamp is held, as strokes in a 48 x 32 box. The compiler asks for one a kind. */
export const RETENTION_STROKES: Readonly<Record<Retention, string>> = {
	twist: 'M24 6a10 10 0 1 0 .1 0M24 6v-3m10 13h4m-28 0h-4m30-8a15 15 0 0 1 3 12m0 0l-3 -2m3 2l3 -3',
	'spring-clip': 'M24 8a8 8 0 1 0 .1 0M8 4l10 24l12 0l10 -24m-32 0h-3m35 0h3',
	ring: 'M24 4a12 12 0 1 0 .1 0M24 9a7 7 0 1 0 .1 0M12 8l-3-3m27 3l3-3m-27 19l-3 3m27-3l3 3',
	push: 'M20 8h14v16h-14zM4 16h12m0 0l-4-4m4 4l-4 4M34 12h6m-6 8h6',
	festoon: 'M8 6l6 7l-3 3l3 3l-6 7M40 6l-6 7l3 3l-3 3l6 7M15 11h18v10h-18z',
	screw: 'M14 8h20v6h-20zM19 14v14l5 3l5-3v-14M19 18l10 3m-10 1l10 3M24 8v6'
};

/** What closes the housing behind a lamp, in the same box. */
export const CAP_STROKES: Readonly<Record<CapKind, string>> = {
	'stock-sealed': 'M18 4v24M18 6h14q8 0 8 10t-8 10h-14M36 12h6m-6 8h6',
	boot: 'M14 4v24M14 6l8 2l0 4l6 1l0 3l-0 3l-6 1l0 4l-8 2M28 14h14m-14 4h14',
	none: 'M18 4v9M18 19v9M24 16h16'
};
