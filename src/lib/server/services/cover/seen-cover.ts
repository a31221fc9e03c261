import type { Knex } from 'knex';
import type { Cover } from '../../../core/cover';
import { withPacks } from '../../../core/match';
import { branchOf } from '../../db/branch';
import { asSeenFrom } from '../../repositories/branch-packs';

/** Covers as branches see them, by the cover: what lies where is read again with every new one. */
const seen = new WeakMap<Cover, Map<string, Promise<Cover>>>();

async function read(db: Knex, cover: Cover): Promise<Cover> {
	const records = await asSeenFrom(
		db,
		cover.products.map(({ record }) => record)
	);
	const products = cover.products.map((product, i) => withPacks(product, records[i]?.packs ?? product.record.packs));
	return { ...cover, products };
}

/**
 * A cover with the shelves and prices of where the database is seen from: a branch, or the whole chain. The verdicts are by the policy of the
 * first branch.
 */
export function coverSeenFrom(db: Knex, cover: Cover): Promise<Cover> {
	const branch = branchOf(db);
	if (branch === null) return Promise.resolve(cover);
	const own = seen.get(cover) ?? new Map<string, Promise<Cover>>();
	seen.set(cover, own);
	const there = own.get(branch) ?? read(db, cover);
	own.set(branch, there);
	there.catch(() => own.delete(branch));
	return there;
}
