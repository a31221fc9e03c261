import type { Knex } from 'knex';
import { kitOrder, type Configuration } from '../src/lib/core/model';
import { changeAlways } from '../src/lib/server/db/change';
import { openDatabase } from '../src/lib/server/db/connection';
import { addKit, findKit } from '../src/lib/server/repositories/kits';
import { addRevision, listRevisions } from '../src/lib/server/repositories/kit-revisions';
import { checkDraft, releaseKit, startKit } from '../src/lib/server/services/kits';
import { kitContextOn } from '../tests/support/kit-context';
import { putRecords } from '../tests/support/put-records';
import { generateConfiguration, generateProducts, generateVehicles } from './generate';

/** How much there is of everything in a shop, or in a chain of them, after years. */
export interface ShopSize {
	vehicles: number;
	products: number;
	kits: number;
}

export const BIG: ShopSize = { vehicles: 20_000, products: 50_000, kits: 4_000 };
const SOCKETS = 16;
const BATCH = 2000;

/** Vehicles of invented makes with sockets and outputs like those of the benchmark's vehicle. */
function vehicles(count: number): Configuration[] {
	const { sockets, channels } = generateConfiguration(SOCKETS);
	return generateVehicles(count).map((vehicle) => ({ ...vehicle, sockets, channels }));
}

/** One kit worked out and released, and copies of it for the vehicles after the first: every second one still a draft. */
async function manyKits(db: Knex, ids: readonly string[]): Promise<void> {
	const ctx = kitContextOn(db);
	const first = ids[0] ?? '';
	const order = kitOrder.parse({ scope: 'rear', balance: 'price' });
	const made = await startKit(ctx, first, { name: 'Rear', order });
	if (!made.ok) throw new Error(made.error);
	const { id } = made.value;
	const draft = await findKit(db, id);
	await checkDraft(ctx, id, { by: 'A. Person', found: {} });
	const released = await releaseKit(ctx, id);
	if (!released.ok || !draft) throw new Error('The kit of the benchmark was not released.');
	const kit = await findKit(db, id);
	const [revision] = await listRevisions(db, id);
	if (!kit || !revision) throw new Error('The kit of the benchmark is gone.');
	await changeAlways(db, async (tx) => {
		for (const [i, vehicle] of ids.slice(1).entries()) {
			const isReleased = i % 2 === 0;
			const copy = { ...(isReleased ? kit : draft), id: `B${i}`, configurationId: vehicle };
			await addKit(tx, copy);
			if (isReleased) await addRevision(tx, { ...revision, kitId: copy.id, code: `BULK-${i}` });
		}
	});
}

/** Fills a data folder with a big shop. */
export async function fillShop(folder: string, size: ShopSize): Promise<void> {
	const db = await openDatabase(folder);
	const all = vehicles(size.vehicles);
	for (let at = 0; at < all.length; at += BATCH) await putRecords(db, { configurations: all.slice(at, at + BATCH) });
	const products = generateProducts(size.products);
	for (let at = 0; at < products.length; at += BATCH)
		await putRecords(db, { products: products.slice(at, at + BATCH) });
	await manyKits(
		db,
		all.slice(0, size.kits).map(({ id }) => id)
	);
	await db.destroy();
}
