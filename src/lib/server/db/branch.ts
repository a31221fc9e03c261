import type { Knex } from 'knex';

/** All shelves of a chain together: to be looked at, and never written to. */
export const WHOLE_CHAIN = '*';

/** What a view of a database is a view of, from which branch, and whether packs of all branches count there. */
interface View {
	of: Knex;
	branch: string | null;
	everyShelf: boolean;
}

const views = new WeakMap<Knex, View>();
/** Views of a database by where they are seen from, so that what is remembered of one is found again. */
const known = new WeakMap<Knex, Map<string, Knex>>();

/** Where a database is seen from: a branch by its id, the whole chain, or null for the first branch and for a shop that has none. */
export const branchOf = (db: Knex): string | null => views.get(db)?.branch ?? null;

/** True where packs at any branch count, as they may be brought over; prices and policy stay those of the branch. To be looked at alone. */
export const countsEveryShelf = (db: Knex): boolean => views.get(db)?.everyShelf ?? false;

type Work = (tx: Knex.Transaction) => Promise<unknown>;

/** A database whose changes are seen from the same place. */
function viewOf(db: Knex, seen: <K extends Knex>(db: K) => K): Knex {
	const transaction = (work: Work, config?: Knex.TransactionConfig) => db.transaction((tx) => work(seen(tx)), config);
	return new Proxy(db, { get: (of, key) => (key === 'transaction' ? transaction : Reflect.get(of, key, of)) });
}

function seen<T extends Knex>(db: T, { branch, everyShelf }: Pick<View, 'branch' | 'everyShelf'>): T {
	const of = views.get(db)?.of ?? db;
	if (branch === null && !everyShelf) return of as T;
	const own = known.get(of) ?? new Map<string, Knex>();
	known.set(of, own);
	const key = JSON.stringify([branch, everyShelf]);
	const view = own.get(key) ?? viewOf(of, (one) => seen(one, { branch, everyShelf }));
	own.set(key, view);
	views.set(view, { of, branch, everyShelf });
	return view as T;
}

/**
 * A database as it is seen from a branch: shelves and prices are that branch's, and so is the policy; all else is the same. In the middle of a
 * change it stays that change.
 */
export const seenFrom = <T extends Knex>(db: T, branch: string | null): T => seen(db, { branch, everyShelf: false });

/** The same place, where packs at any branch count. */
export const withEveryShelf = <T extends Knex>(db: T): T => seen(db, { branch: branchOf(db), everyShelf: true });

/** Rows of a table that belong to where a database is seen from; all of them for the whole chain. */
export function ofBranch(db: Knex, table: string): (query: Knex.QueryBuilder) => void {
	const branch = branchOf(db);
	return (query) => {
		if (branch !== WHOLE_CHAIN) void query.where(`${table}.branch_id`, branch);
	};
}
