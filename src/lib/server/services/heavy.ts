import type { Knex } from 'knex';
import type { PricingWatch } from '../../core/kit';
import type { Solver } from '../../core/solver';
import { showAcross } from './across';
import { showCircuit } from './circuit';
import { showDiagnosis } from './diagnosis';
import { showFitUp, type KitAsked } from './fitups';
import { brokenKits } from './kits/broken';
import { kitWorkOn, type KitWork } from './kits/work';
import { showProve } from './prove';
import { nextInShop } from './questions';
import { showNext } from './vehicle';
import { judgedSockets } from './verdicts';
import { showWhole } from './whole';

/** What heavy work is done with. */
interface Tools {
	db: Knex;
	solver: Solver;
	watch?: PricingWatch;
}

/** The arguments of a service, without the database. */
type Asked<F> = F extends (db: Knex, ...asked: infer A) => unknown ? A : never;

/**
 * Services that may take long: each reads, works out and writes nothing, so it may run in a thread of its own, beside the one that answers.
 * A new one is an entry here.
 */
export const HEAVY = {
	across: ({ db }: Tools, ...asked: Asked<typeof showAcross>) => showAcross(db, ...asked),
	broken: ({ db }: Tools) => brokenKits(db),
	circuit: ({ db, solver }: Tools, id: string) => showCircuit(db, id, solver),
	diagnosis: ({ db }: Tools, ...asked: Asked<typeof showDiagnosis>) => showDiagnosis(db, ...asked),
	fitup: ({ db, solver }: Tools, asked: KitAsked) => showFitUp(db, asked, solver),
	next: ({ db }: Tools, ...asked: Asked<typeof showNext>) => showNext(db, ...asked),
	nextInShop: ({ db }: Tools) => nextInShop(db),
	prove: ({ db }: Tools, ...asked: Asked<typeof showProve>) => showProve(db, ...asked),
	sockets: ({ db }: Tools, ...asked: Asked<typeof judgedSockets>) => judgedSockets(db, ...asked),
	whole: ({ db }: Tools, ...asked: Asked<typeof showWhole>) => showWhole(db, ...asked),
	proposal: ({ db, solver, watch }: Tools, asked: Parameters<KitWork['proposal']>[0]) =>
		kitWorkOn(db, solver).proposal(asked, watch),
	lineChange: ({ db, solver }: Tools, ...asked: Parameters<KitWork['lineChange']>) =>
		kitWorkOn(db, solver).lineChange(...asked),
	demandPrices: ({ db, solver, watch }: Tools, kit: Parameters<KitWork['demandPrices']>[0]) =>
		kitWorkOn(db, solver).demandPrices(kit, watch),
	offerPrices: ({ db, solver }: Tools, asked: Parameters<KitWork['offerPrices']>[0]) =>
		kitWorkOn(db, solver).offerPrices(asked)
};

export type Heavy = typeof HEAVY;
export type HeavyName = keyof Heavy;

/** What a piece of heavy work is asked, and what it answers. */
export type HeavyAsked<N extends HeavyName> = Heavy[N] extends (tools: Tools, ...asked: infer A) => unknown ? A : never;
export type HeavyAnswer<N extends HeavyName> = Awaited<ReturnType<Heavy[N]>>;
