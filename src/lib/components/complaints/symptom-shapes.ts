import type { SymptomId } from '$lib/core/model';

/** A drawing of a symptom on a field of 32 by 24: what is drawn as a line, and what is filled. */
interface Shape {
	line: string;
	fill?: string;
}

const disc = (x: number, y: number, r: number) =>
	`M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
/** Light that leaves a lamp to the right, as strokes of a length. */
const rays = (x: number, length: number) => `M${x} 7h${length}M${x} 12h${length}M${x} 17h${length}`;
const LAMP = disc(9, 12, 6);
/** A light over time: on and off so often. */
const pulses = (widths: readonly number[]) => {
	let path = 'M3 18';
	for (const width of widths) path += `v-12h${width}v12h${width}`;
	return path;
};
const DASH = 'M3 6h26v12H3Z';

/** How every symptom is drawn. Shapes of our own: a lamp, its light, the light over time, the dash, the beam on a wall. */
export const SYMPTOM_SHAPES: Record<SymptomId, Shape> = {
	fine: { line: `${LAMP}${rays(18, 10)}`, fill: LAMP },
	'not-lit': { line: `${LAMP}M2 22L17 3` },
	'one-dark': {
		line: `${disc(6, 12, 4)}${disc(16, 12, 4)}${disc(26, 12, 4)}`,
		fill: `${disc(6, 12, 4)}${disc(26, 12, 4)}`
	},
	dim: { line: `${LAMP}${rays(18, 3)}`, fill: 'M9 6a6 6 0 0 1 0 12Z' },
	'wrong-lamp': { line: `${disc(7, 12, 5)}${disc(25, 12, 5)}M13 12h6m-2-3l3 3l-3 3`, fill: disc(25, 12, 5) },
	'modes-alike': {
		line: `${disc(7, 12, 5)}${disc(25, 12, 5)}M13 10h6M13 14h6`,
		fill: `${disc(7, 12, 5)}${disc(25, 12, 5)}`
	},
	hyperflash: { line: pulses([2.6, 2.6, 2.6, 2.6, 2.6]) },
	'hyperflash-later': { line: pulses([5, 2, 2, 2, 2]) },
	'slow-flash': { line: pulses([6.5, 6.5]) },
	'no-flash': { line: 'M3 18v-12h26M3 21h26' },
	message: { line: `${DASH}M16 9v4M16 15.4v.2` },
	'message-at-start': { line: `${DASH}M20 9v4M20 15.4v.2M11 9v4M8.6 10.4a3.6 3.6 0 1 0 4.8 0` },
	'message-now-and-then': { line: 'M3 6h5M12 6h5M21 6h8v12h-5M19 18h-5M10 18H3V6M16 9v4M16 15.4v.2' },
	flicker: { line: `${LAMP}M18 7l3 2l2-3l3 3l3-2M18 14l3 2l2-3l3 3l3-2`, fill: LAMP },
	'flicker-idle': { line: `${LAMP}M18 9l3 2l2-3l3 3M18 18h11M18 16v2M22 15v3M26 16v2`, fill: LAMP },
	'flicker-dimmed': { line: `${LAMP}M18 12l3 2l2-3l3 3l3-2`, fill: 'M9 6a6 6 0 0 1 0 12Z' },
	glow: { line: 'M9 6a6 6 0 0 1 0 12a6 6 0 0 1 0-12M18 7h2M18 12h3M18 17h2', fill: disc(9, 12, 2) },
	'odd-together': {
		line: `${disc(7, 7, 4)}${disc(7, 17, 4)}${disc(18, 12, 4)}M24 6v12M22 18h4M23 20.5h2`,
		fill: disc(7, 7, 4)
	},
	fuse: { line: 'M3 12h6M23 12h6M9 8h14v8H9ZM12 12l3 2M17 10l3 2' },
	'radio-hiss': { line: 'M4 12l2-5l2 9l2-7l2 6l2-8l2 9l2-7l2 6l2-4l2 3l2-2' },
	melting: { line: `${LAMP}M19 19c-3-3 2-5-1-9M24 19c-3-3 2-5-1-9M29 19c-3-3 2-5-1-9` },
	'high-no-better': { line: 'M4 8h16M4 16h16M24 9h5M24 13h5' },
	glare: {
		line: `${disc(16, 12, 4)}M16 2v4M16 18v4M4 12h6M22 12h6M7 4l4 4M25 4l-4 4M7 20l4-4M25 20l-4-4`,
		fill: disc(16, 12, 4)
	},
	'patchy-beam': { line: 'M3 14h11l5-4h10v10H3Z', fill: `${disc(9, 17, 1.6)}${disc(20, 15, 2)}` },
	'too-blue': { line: `${disc(8, 12, 5)}${disc(24, 12, 5)}`, fill: disc(24, 12, 5) },
	moisture: { line: 'M4 5h24v14H4ZM11 9c2 3 2 5 0 5s-2-2 0-5M18 11c2 3 2 5 0 5s-2-2 0-5' },
	yellowed: { line: 'M4 5h24v14H4ZM9 5l4 6l-2 3l3 5M14 10l6-2' },
	loose: { line: 'M6 7l12-3v16l-12-3ZM22 8a6 6 0 0 1 0 8M26 6a9 9 0 0 1 0 12' },
	'cap-open': { line: 'M5 4h14v16H5M24 3l-4 8l4 9' },
	'fan-noise': {
		line: `${disc(11, 12, 2)}M11 10c0-6 6-5 4-1M13 12c6 0 5 6 1 4M11 14c0 6-6 5-4 1M9 12c-6 0-5-6-1-4M24 8a6 6 0 0 1 0 8M28 6a9 9 0 0 1 0 12`
	},
	died: { line: 'M3 8h15v8H29M3 20h26' }
};
