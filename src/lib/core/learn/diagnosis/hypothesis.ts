import type { Product } from '../../model';
import { CAUSES, type Cause, type CausePlace } from '../causes';
import { both, type Alter } from '../scene/bench';
import type { Answer, Simulations, Touched } from '../scene/simulations';

/** One cause at one place. */
export interface Suspect {
	cause: Cause;
	socket: string | null;
	channel: string | null;
	place: CausePlace;
	/** Equal for the same cause at the same place. */
	key: string;
}

/** One degree of what may be wrong: a suspect, or two at once. */
export interface Hypothesis {
	suspects: readonly Suspect[];
	key: string;
	/** Before anything was seen; relative. */
	prior: number;
	alter: Alter | null;
	touched: Touched;
	/** What it makes of a mode. */
	does: Answer;
}

/** A complaint that was settled: what it came from. */
export interface SettledCause {
	cause: string;
	product?: string | undefined;
}

/** Settled complaints it takes until a shop's own count as much as what is assumed. */
const ASSUMED_COUNTS = 40;
/** What a shop has settled makes a cause at most so many times likelier or rarer: one bad batch does not explain the next complaint. */
const MOST_LEARNED = 3;

/**
 * How much oftener or rarer a cause is in this shop than assumed: `(K b + n) / ((K + N) b)`, the mean of a Dirichlet prior of K complaints over its
 * assumed share b; within bounds.
 */
function learned(settled: readonly SettledCause[]): (cause: string) => number {
	const all = CAUSES.reduce((sum, { rate }) => sum + rate, 0);
	const counts = new Map<string, number>();
	for (const { cause } of settled) counts.set(cause, (counts.get(cause) ?? 0) + 1);
	const known = CAUSES.reduce((sum, { id }) => sum + (counts.get(id) ?? 0), 0);
	return (id) => {
		const share = (CAUSES.find((cause) => cause.id === id)?.rate ?? 0) / all;
		if (share === 0) return 1;
		const factor = (ASSUMED_COUNTS * share + (counts.get(id) ?? 0)) / ((ASSUMED_COUNTS + known) * share);
		return Math.min(MOST_LEARNED, Math.max(1 / MOST_LEARNED, factor));
	};
}

/** How much more a cause counts for each time it was settled for this very product before, up to twice as much. */
const SAME_PRODUCT = 0.25;

function lampAt({ scene: { fitted } }: Simulations, socket: string | null): Product | undefined {
	const lamp = socket === null ? undefined : fitted.lamps.get(socket);
	return lamp?.kind === 'product' ? lamp.product : undefined;
}

/** Every cause at every place it may be in, each with its degrees. */
export function hypothesesFor(simulations: Simulations, settled: readonly SettledCause[]): Hypothesis[] {
	const factor = learned(settled);
	return CAUSES.flatMap((cause) =>
		cause.places(simulations).flatMap((place): Hypothesis[] => {
			const { socket = null, channel = null, variants, touched, weight = 1 } = place;
			const suspect: Suspect = { cause, socket, channel, place, key: [cause.id, socket, channel].join('/') };
			const product = lampAt(simulations, socket)?.id as string | undefined;
			const same =
				product === undefined ? 0 : settled.filter((s) => s.cause === cause.id && s.product === product).length;
			const prior = cause.rate * weight * factor(cause.id) * Math.min(2, 1 + SAME_PRODUCT * same);
			if (variants.length === 0)
				return [{ suspects: [suspect], key: suspect.key, prior, alter: null, touched, does: simulations.recorded }];
			return variants.map((alter) => ({
				suspects: [suspect],
				key: suspect.key,
				prior: prior / variants.length,
				alter,
				touched,
				does: simulations.with(alter, touched)
			}));
		})
	);
}

/** Two at once; rarer than either by this. */
const SECOND = 0.08;

/** Two things wrong at once. */
export function together(simulations: Simulations, a: Hypothesis, b: Hypothesis): Hypothesis {
	const touched = {
		sockets: [...a.touched.sockets, ...b.touched.sockets],
		channels: [...a.touched.channels, ...b.touched.channels]
	};
	const alter = a.alter && b.alter ? both(a.alter, b.alter) : (a.alter ?? b.alter);
	return {
		suspects: [...a.suspects, ...b.suspects],
		key: [a.key, b.key].sort().join(' + '),
		prior: SECOND * a.prior * b.prior,
		alter,
		touched,
		does: alter ? simulations.with(alter, touched) : simulations.recorded
	};
}
