import type { Configuration } from '../model';

/** What bodies and kinds of vehicle are called in other markets. */
const SYNONYMS: Readonly<Record<string, readonly string[]>> = {
	hatchback: ['hatch'],
	estate: ['wagon', 'touring'],
	saloon: ['sedan'],
	van: ['panel'],
	pickup: ['ute', 'truck'],
	motorcycle: ['motorbike', 'bike'],
	bus: ['minibus', 'coach'],
	trailer: ['caravan'],
	'four-wheel drive': ['4x4', 'suv', 'offroad']
};

/** Every word a configuration is found by: make, model, other names, generation, body, kind, their synonyms, and each model year. */
export function vehicleWords(c: Configuration): string[] {
	const [from, to] = c.years ?? [1, 0];
	const years = Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => String(from + i));
	const synonyms = [c.body, c.kind].flatMap((word) => SYNONYMS[word?.toLowerCase() ?? ''] ?? []);
	const texts = [c.make, c.model, ...(c.names ?? []), c.generation, c.body, c.kind, ...synonyms];
	return [...texts.filter((text) => text !== undefined), ...years];
}
