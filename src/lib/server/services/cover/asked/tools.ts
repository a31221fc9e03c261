import type { Knex } from 'knex';
import type { Solver } from '../../../../core/solver';
import {
	chosenIn,
	EVEN,
	weightsOf,
	type Cover,
	type CoverFilter,
	type Wanted,
	type Weights
} from '../../../../core/cover';
import { fingerprint } from '../../../fingerprint';
import { openInKits } from '../../../repositories/open-in-kits';
import { wantedBy } from '../../../repositories/demand';

/** What sockets are weighed by. */
export const WEIGHED_BY = ['even', 'registered', 'asked', 'vain', 'kits'] as const;
export type WeighedBy = (typeof WEIGHED_BY)[number];

/** What a page asks of the cover: vehicles, lamps, and how they are weighed. */
export interface CoverAsked extends CoverFilter {
	weigh: WeighedBy;
	/** Whose shelves count, in a chain: those of the branch where it is asked, or all of them. */
	shelves?: 'here' | 'chain';
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

/** The vehicles a question is about, what their sockets weigh, and a sign that changes with what is wanted. */
export interface Chosen {
	cover: Cover;
	weights: Weights;
	sign: string;
}

/** What is wanted, by what sockets are weighed by; null where all weigh the same. */
async function wantedFor({ db, now }: CoverTools, weigh: WeighedBy): Promise<Wanted[] | null> {
	const since = new Date(Date.parse(now) - LOG_DAYS * DAY_MS).toISOString().slice(0, 10);
	switch (weigh) {
		case 'even':
			return null;
		case 'registered':
			return wantedBy(db, ['registered']);
		case 'asked':
			return wantedBy(db, ['asked', 'lost'], { since });
		case 'vain':
			return wantedBy(db, ['asked', 'lost'], { since, inVain: true });
		case 'kits':
			return openInKits(db);
		default:
			return weigh satisfies never;
	}
}

/** The vehicles a question is about, and what their sockets weigh. */
export async function chosen(tools: CoverTools, asked: CoverAsked): Promise<Chosen> {
	const cover = chosenIn(tools.cover, asked);
	const wanted = await wantedFor(tools, asked.weigh);
	return { cover, weights: wanted ? weightsOf(cover, wanted) : EVEN, sign: fingerprint(wanted) };
}

const answers = new WeakMap<Cover, Map<string, unknown>>();
/** Answers remembered of one cover. */
const REMEMBERED = 24;

/** An answer about some vehicles, worked out once for as long as the cover, the question and what is wanted stay as they are. */
export async function once<T>(
	tools: CoverTools,
	{ name, asked, more = null }: { name: string; asked: CoverAsked; more?: unknown },
	work: (chosen: Chosen) => T | Promise<T>
): Promise<T> {
	const part = await chosen(tools, asked);
	const own = answers.get(tools.cover) ?? new Map<string, unknown>();
	answers.set(tools.cover, own);
	const sign = fingerprint([name, asked, more, part.sign]);
	if (own.has(sign)) return own.get(sign) as T;
	const answer = await work(part);
	const [oldest] = own.keys();
	if (own.size >= REMEMBERED && oldest !== undefined) own.delete(oldest);
	own.set(sign, answer);
	return answer;
}
