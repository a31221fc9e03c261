import type { EvidenceSource, Product } from '../../../model';
import type { Criterion } from '../criterion';

/** Points by the best source that speaks for a product's data. */
const POINTS: Record<EvidenceSource, number> = {
	'in-hand': 1,
	manual: 0.8,
	maker: 0.6,
	listing: 0.4,
	customer: 0.3,
	assumed: 0.1
};

/** The best source on record; a product without one stands on its maker's word. */
function bestSource({ flux, evidence = [] }: Product): EvidenceSource {
	const sources: EvidenceSource[] = evidence.filter((item) => !item.overruled).map((item) => item.source);
	if (flux?.measured != null) sources.push('in-hand');
	return sources.reduce((best, source) => (POINTS[source] > POINTS[best] ? source : best), sources[0] ?? 'maker');
}

/** How well the data of the product are known. */
export const evidenceCriterion: Criterion = {
	id: 'evidence',
	label: 'Evidence',
	weight: 2,
	how: () => "measured in hand is full, a manual 80 %, a maker's word 60 %, a listing 40 %",
	points: (_, { product }) => POINTS[bestSource(product)],
	shown: (_, { product }) => {
		const source = bestSource(product);
		return source === 'in-hand' ? 'measured in hand' : source === 'maker' ? "maker's word" : source;
	}
};
