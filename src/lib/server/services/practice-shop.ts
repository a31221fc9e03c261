import type { Knex } from 'knex';
import { isMadeKey, make, practiceFiles, type ExerciseKey, type Screen } from '../../core/practice';
import { readDocument } from '../../core/exchange';
import { err, ok, type Result } from '../../core/result';
import { exerciseOf } from './practice';
import { importDocument } from './exchange';

/** What the shop of the practice keeps to. */
const POLICY = { headlamps: 'projectors' };

type Loose = Readonly<Record<string, unknown>>;

/** Things of a shelf under ids of their own: shelves of several vehicles stand in one shop. */
const owned = (seed: number, list: unknown) =>
	(list as (Loose & { packs?: Loose[] })[]).map(({ packs = [], ...one }) => ({
		...one,
		id: `${seed}-${String(one.id)}`,
		packs: packs.map((pack) => ({ ...pack, sku: `${seed}-${String(pack.sku)}` }))
	}));

const pathOf = (vehicle: string, { room, socket }: Screen): string => {
	const own = `/vehicles/${vehicle}`;
	switch (room) {
		case 'record':
			return [own, 'walk', ...(socket ? [socket] : [])].join('/');
		case 'match':
			return [own, 'match', ...(socket ? [socket] : [])].join('/');
		case 'aim':
			return `${own}/prove/aim`;
		case 'reference':
			return '/reference/lamps';
		default:
			return `${own}/${room}`;
	}
};

/**
 * Puts the vehicle of an exercise with its shelf into the shop of the practice, as it is in truth.
 * @param db the database of the practice
 * @returns where its truth is seen there
 */
export async function putIntoPracticeShop(db: Knex, key: ExerciseKey, now: string): Promise<Result<string, string>> {
	const screen = (await exerciseOf(db, key))?.screen ?? null;
	if (!screen || !isMadeKey(key)) return err('No screen shows this one.');
	const made = make(key.seed, { level: key.level });
	const { configurations, products, accessories, ...head } = practiceFiles(made).truth;
	const read = readDocument(
		JSON.parse(
			JSON.stringify({
				...head,
				configurations,
				products: owned(key.seed, products),
				accessories: owned(key.seed, accessories),
				policy: POLICY
			})
		)
	);
	if (!read.ok) return err('The vehicle of this exercise cannot be put into the shop of the practice.');
	await importDocument(db, read.value, { now });
	return ok(pathOf(made.truth.id, screen));
}
