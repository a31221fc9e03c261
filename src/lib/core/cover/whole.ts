import type { Configuration } from '../model';
import type { ProductCase, ViewedBy } from '../match';
import type { Cover } from './cover';
import { LiveCover } from './live';

/** Every configuration against every product, all at once. */
export function coverOf(
	configurations: readonly Configuration[],
	products: readonly ProductCase[],
	by: ViewedBy
): Cover {
	const live = new LiveCover(by);
	live.putProducts(products);
	for (const configuration of configurations) live.putVehicle(configuration);
	for (const judged of live.work()) void judged;
	return live.snapshot();
}
