import type { Knex } from 'knex';

/** All shelves of a chain together: to be looked at, and never written to. */
export const WHOLE_CHAIN = '*';

/** What a view of a database is a view of, and from which branch. */
const views = new WeakMap<Knex, { of: Knex; branch: string }>();
/** Views of a database by their branch, so that what is remembered of one is found again. */
const known = new WeakMap<Knex, Map<string, Knex>>();

/** Where a database is seen from: a branch by its id, the whole chain, or null for the first branch and for a shop that has none. */
export const branchOf = (db: Knex): string | null => views.get(db)?.branch ?? null;

type Work = (tx: Knex.Transaction) => Promise<unknown>;

/** A database whose changes are seen from the branch too. */
function viewOf(db: Knex, branch: string): Knex {
	const transaction = (work: Work, config?: Knex.TransactionConfig) =>
		db.transaction((tx) => work(seenFrom(tx, branch)), config);
	return new Proxy(db, { get: (of, key) => (key === 'transaction' ? transaction : Reflect.get(of, key, of)) });
}

/**
 * A database as it is seen from a branch: shelves and prices are that branch's, and so is the policy; all else is the same. In the middle of a
 * change it stays that change.
 */
export function seenFrom<T extends Knex>(db: T, branch: string | null): T {
	const of = views.get(db)?.of ?? db;
	if (branch === null) return of as T;
	const own = known.get(of) ?? new Map<string, Knex>();
	known.set(of, own);
	const view = own.get(branch) ?? viewOf(of, branch);
	own.set(branch, view);
	views.set(view, { of, branch });
	return view as T;
}

/** Rows of a table that belong to where a database is seen from; all of them for the whole chain. */
export function ofBranch(db: Knex, table: string): (query: Knex.QueryBuilder) => void {
	const branch = branchOf(db);
	return (query) => {
		if (branch !== WHOLE_CHAIN) void query.where(`${table}.branch_id`, branch);
	};
}
