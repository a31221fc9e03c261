import { assortment, best, compared } from './assortment';
import { fleet } from './fleet';
import { matrix } from './matrix';
import { missing, tryOut } from './missing';
import { overview } from './overview';
import { places } from './places';
import { registrations } from './registrations';
import { values } from './values';
import { vehicleIds } from './vehicle-ids';
import { wouldServe } from './would-serve';
import type { CoverTools } from './tools';

/** Questions that the cover answers. A new one is an entry here. */
export const COVER_QUESTIONS = {
	assortment,
	best,
	compared,
	fleet,
	matrix,
	missing,
	overview,
	places,
	registrations,
	tryOut,
	values,
	vehicleIds,
	wouldServe
};

export type CoverQuestions = typeof COVER_QUESTIONS;
export type CoverQuestion = keyof CoverQuestions;

/** What a question is asked, and what it answers. */
export type AskedOfCover<N extends CoverQuestion> = CoverQuestions[N] extends (
	tools: CoverTools,
	...asked: infer A
) => unknown
	? A
	: never;
export type CoverAnswer<N extends CoverQuestion> = Awaited<ReturnType<CoverQuestions[N]>>;
