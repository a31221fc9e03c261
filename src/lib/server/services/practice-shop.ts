import type { Knex } from 'knex';
import { isMadeKey, make, practiceFiles, type ExerciseKey, type Screen } from '../../core/practice';
import { readDocument } from '../../core/exchange';
import type { Accessory, Product } from '../../core/model';
import { err, ok, type Result } from '../../core/result';
import { exerciseOf } from './practice';
import { importDocument } from './exchange';

/** What the shop of the practice keeps to. */
const POLICY = { headlamps: 'projectors' };

/** Things of a shelf under ids of their own: shelves of several vehicles stand in one shop. */
const owned = (seed: number, list: readonly (Product | Accessory)[]) =>
	list.map(({ packs, ...one }) => ({
		...one,
		id: `${seed}-${one.id}`,
		packs: packs.map((pack) => ({ ...pack, sku: `${seed}-${pack.sku}` }))
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
	const read = readDocument({
		...practiceFiles(made).truth,
		products: owned(key.seed, made.products),
		accessories: owned(key.seed, made.accessories),
		policy: POLICY
	});
	if (!read.ok) return err('The vehicle of this exercise cannot be put into the shop of the practice.');
	await importDocument(db, read.value, { now });
	return ok(pathOf(made.truth.id, screen));
}
