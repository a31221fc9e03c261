import type { Configuration } from '../model';
import type { Made } from './made';

const FORMAT = 'rotalux/1';

/** A made vehicle as files: what stands at the door, what its papers say, and what is true. */
export interface PracticeFiles {
	vehicle: Record<string, unknown>;
	/** Each a `rotalux/1` document, with its title and source. */
	documents: Record<string, unknown>[];
	/** A `rotalux/1` document with the vehicle and the shelf it is fitted from. */
	truth: Record<string, unknown>;
}

/** What is known of a vehicle that has just come in: its name and its years, none of its lamps. */
const atTheDoor = ({ id, make, model, generation, years, body, kind, market, steering }: Configuration) => ({
	id,
	make,
	model,
	generation,
	years,
	body,
	kind,
	market,
	...(steering ? { steering } : {})
});

/** A made vehicle as files of the format. */
export const practiceFiles = ({ truth, papers, products, accessories }: Made): PracticeFiles => ({
	vehicle: atTheDoor(truth),
	documents: papers.map(({ source, title, says }) => ({ format: FORMAT, source, title, configurations: [says] })),
	truth: { format: FORMAT, configurations: [truth], products, accessories }
});
