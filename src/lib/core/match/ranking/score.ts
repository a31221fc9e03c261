import { assumedFrom, assumedValue, type Assumed } from '../../quantity';
import type { ProductCase, SocketCase } from '../cases';
import { CRITERIA } from './criteria';
import { RANKING_WEIGHTS, weightId } from './weights';

const weightsFor = assumedFrom(RANKING_WEIGHTS);

const cache = new WeakMap<Assumed, readonly number[]>();

/** Weights in the order of the criteria; looked up once for what a shop has set. */
function weightsIn(assumed: Assumed): readonly number[] {
	const weights = cache.get(assumed) ?? CRITERIA.map(({ id }) => assumedValue(assumed, weightId(id)));
	cache.set(assumed, weights);
	return weights;
}

/**
 * Score of a product in a socket, 0 to 100: mean of the points of all criteria that apply, by their weights. 0 when none applies.
 * Only candidates of one verdict are compared by it; no score lifts a worse verdict over a better one.
 */
export function scoreOf(socket: SocketCase, product: ProductCase): number {
	const weightOf = weightsIn(weightsFor(socket.shop.assumptions));
	let points = 0;
	let weights = 0;
	CRITERIA.forEach((criterion, i) => {
		const own = criterion.points(socket, product);
		if (own === null) return;
		const weight = weightOf[i] ?? 0;
		points += weight * own;
		weights += weight;
	});
	return weights > 0 ? (100 * points) / weights : 0;
}

/** One part of a score, as it is shown. */
export interface ScorePart {
	id: string;
	label: string;
	/** 0 to 1, or null where the criterion does not apply. */
	points: number | null;
	weight: number;
	shown: string;
	how: string;
}

/** The score opened into its parts; they add up to what `scoreOf` says. */
export function scoreParts(socket: SocketCase, product: ProductCase): ScorePart[] {
	const weights = weightsIn(weightsFor(socket.shop.assumptions));
	return CRITERIA.map(({ id, label, how, points, shown }, i) => ({
		id,
		label,
		points: points(socket, product),
		weight: weights[i] ?? 0,
		shown: shown(socket, product),
		how: how(socket)
	}));
}
