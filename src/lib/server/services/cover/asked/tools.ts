import type { Knex } from 'knex';
import type { Solver } from '../../../../core/solver';
import { chosenIn, EVEN, weightsOf, type Cover, type CoverFilter, type Weights } from '../../../../core/cover';
import { fingerprint } from '../../../fingerprint';
import { openInKits } from '../../../repositories/open-in-kits';
import { wantedBy } from '../../../repositories/demand';

/** What sockets are weighed by. */
export const WEIGHED_BY = ['even', 'registered', 'asked', 'vain', 'kits'] as const;
export type WeighedBy = (typeof WEIGHED_BY)[number];

/** What a page asks of the cover: vehicles, lamps, and how they are weighed. */
export interface CoverAsked extends CoverFilter {
	weigh: WeighedBy;
}

/** What questions are answered from. */
export interface CoverTools {
	db: Knex;
	cover: Cover;
	solver: Solver;
	now: string;
}

/** Days of the counter's log that count. An assumption. */
const LOG_DAYS = 365;
const DAY_MS = 24 * 3600 * 1000;

/** The vehicles a question is about, and what their sockets weigh. */
export async function chosen(
	{ db, cover, now }: CoverTools,
	asked: CoverAsked
): Promise<{ cover: Cover; weights: Weights }> {
	const part = chosenIn(cover, asked);
	const since = new Date(Date.parse(now) - LOG_DAYS * DAY_MS).toISOString().slice(0, 10);
	switch (asked.weigh) {
		case 'even':
			return { cover: part, weights: EVEN };
		case 'registered':
			return { cover: part, weights: weightsOf(part, await wantedBy(db, ['registered'])) };
		case 'asked':
			return { cover: part, weights: weightsOf(part, await wantedBy(db, ['asked', 'lost'], { since })) };
		case 'vain':
			return { cover: part, weights: weightsOf(part, await wantedBy(db, ['asked', 'lost'], { since, inVain: true })) };
		case 'kits':
			return { cover: part, weights: weightsOf(part, await openInKits(db)) };
		default:
			return asked.weigh satisfies never;
	}
}

const answers = new WeakMap<Cover, Map<string, unknown>>();
/** Answers remembered of one cover. */
const REMEMBERED = 24;

/** An answer worked out once for as long as the cover and the question stay as they are. */
export async function once<T>(cover: Cover, key: unknown, work: () => Promise<T>): Promise<T> {
	const own = answers.get(cover) ?? new Map<string, unknown>();
	answers.set(cover, own);
	const sign = fingerprint(key);
	if (own.has(sign)) return own.get(sign) as T;
	const answer = await work();
	const [oldest] = own.keys();
	if (own.size >= REMEMBERED && oldest !== undefined) own.delete(oldest);
	own.set(sign, answer);
	return answer;
}
