import type { Lens } from '../model';
import { sample, type Spectrum } from './grid';
import { edge } from './shapes';

/** Spectral transmittance by lens, typical shapes. A new lens is one entry here and one name in the schema. */
const LENS_CURVES: Record<Lens, (nm: number) => number> = {
	none: () => 1,
	clear: (nm) => 0.9 * edge(nm, 388, 4),
	amber: (nm) => 0.002 + 0.72 * edge(nm, 557, 9),
	red: (nm) => 0.001 + 0.84 * edge(nm, 603, 5.5),
	smoked: (nm) => (0.3 + (0.06 * (nm - 560)) / 220) * edge(nm, 388, 4),
	blue: (nm) => 0.45 + 0.45 * (1 - edge(nm, 515, 45)),
	'red-faded': (nm) => 0.05 * Math.exp(-0.5 * ((nm - 445) / 35) ** 2) + 0.001 + 0.84 * edge(nm, 598, 9)
};

/** The lens of a name, or undefined when nothing is known of what it lets through. */
export function knownLens(name: string | undefined): Lens | undefined {
	return name !== undefined && Object.hasOwn(LENS_CURVES, name) ? (name as Lens) : undefined;
}

const sampled = new Map(Object.entries(LENS_CURVES).map(([lens, curve]) => [lens, sample(curve)]));

/** Transmittance of a lens on the grid, 0 to 1. */
export function transmittance(lens: Lens): Spectrum {
	return sampled.get(lens) ?? sample(LENS_CURVES[lens]);
}
