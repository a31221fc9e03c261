import { widestMired, type Candidate } from '../match';

/** Filament lamps that answer where every LED is refused. */
export interface FilamentAnswer {
	/** True when it is the policy of the shop that keeps LED out. */
	byPolicy: boolean;
	/** Those that fit, nearest in colour to the lamps beside them first. */
	lamps: { product: string; name: string; mired: number | null }[];
}

const MOST_LAMPS = 3;
const LOOKED_AT = 50;

/** The filament lamps that answer where every LED is refused; null where one is not, or none fits. */
export function filamentAnswer(candidates: readonly Candidate[]): FilamentAnswer | null {
	const leds = candidates.filter((c) => c.product.kind !== 'halogen');
	if (leds.length === 0 || leds.some((c) => c.verdict !== 'refused')) return null;
	const lamps = candidates
		.filter((c) => c.product.kind === 'halogen' && c.verdict === 'fits')
		.map(({ product, cases, score }) => ({
			lamp: {
				product: product.id as string,
				name: `${product.maker} ${product.name}`,
				mired: widestMired(cases.socket, cases.product)
			},
			score
		}))
		.sort((a, b) => (a.lamp.mired ?? Infinity) - (b.lamp.mired ?? Infinity) || b.score - a.score)
		.map(({ lamp }) => lamp);
	if (lamps.length === 0) return null;
	// The nearest ones stand first: where the policy keeps LED out, it is what refuses them.
	const nearest = leds.slice(0, LOOKED_AT);
	const byPolicy = nearest.some((c) => c.findings.some((f) => f.level === 'refuse' && f.code.startsWith('law.policy')));
	return { byPolicy, lamps: lamps.slice(0, MOST_LAMPS) };
}
