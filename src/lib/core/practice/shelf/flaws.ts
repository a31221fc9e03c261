import type { Gate } from '../../match';

/** A lamp as it is made for a shelf: plain data, before it is read as a product. */
export type Loose = Readonly<Record<string, unknown>>;

/** What the place asks of a lamp, as far as a flaw plays on it. */
export interface Asked {
	category: string;
	functions: readonly string[];
	lens: string;
	colour: 'white' | 'amber' | 'red';
	isCabin: boolean;
	isBeam: boolean;
}

/** Something that keeps a lamp from a place: a lamp of a shelf has one at most, so that the gate that stops it is plain. */
export interface Flaw {
	id: string;
	/** The gate that stops it. */
	gate: Gate;
	/** Behind the name of the lamp. */
	words: string;
	/** What of the lamp is otherwise; null where the flaw makes no sense in the place. */
	change: (lamp: Loose, asked: Asked) => Loose | null;
}

const grown = (lamp: Loose, share: number) => {
	const size = lamp.size as { frontLength: number; frontDiameter: number };
	const times = (mm: number) => Math.round(10 * mm * share) / 10;
	return { ...size, frontLength: times(size.frontLength), frontDiameter: times(size.frontDiameter) };
};

/** What can be wrong with a lamp on a shelf. A new flaw is one entry here. */
export const FLAWS: readonly Flaw[] = [
	{
		id: 'big',
		gate: 'size',
		words: 'long body',
		change: (lamp, { category }) =>
			category.startsWith('festoon') || /^C\d/.test(category) ? null : { size: grown(lamp, 2.4) }
	},
	{
		id: 'other-colour',
		gate: 'colour',
		words: 'ice white',
		change: (_, { colour, isCabin, isBeam }) =>
			isCabin || isBeam || colour === 'white' ? null : { colour: { kind: 'white', cct: 7000 } }
	},
	{
		id: 'weak',
		gate: 'colour',
		words: 'eco',
		change: (lamp, { isCabin }) =>
			isCabin ? null : { flux: { ...(lamp.flux as object), claimed: 4, measured: 4, minor: 1 } }
	},
	{
		id: 'one-mode',
		gate: 'base',
		words: 'one mode',
		change: (_, { functions }) => (functions.length > 1 ? { modes: ['single'] } : null)
	},
	{
		id: 'hot',
		gate: 'heat',
		words: 'maximum',
		change: (_, { isCabin }) => (isCabin ? null : { power: { at13v5: 45, minor: 40 }, limit: 90 })
	}
];
