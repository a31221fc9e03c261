import { coverAsked } from '$lib/server/cover-asked';
import { dataFolder } from '$lib/server/config';
import { coverStanding } from '$lib/server/services/cover/standing';
import { askCover, coverRun, startCoverRun } from '$lib/server/workers/cover';
import { database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

/** A handful of changes is worked in at once; more wait until somebody asks for it. */
const FEW_CHANGES = 50;

export const load: LayoutServerLoad = async ({ url, depends }) => {
	depends('cover:run');
	const asked = coverAsked(url);
	const folder = dataFolder();
	const standing = await coverStanding(await database());
	const changed = standing.changed.vehicles + standing.changed.products;
	if (standing.finishedAt !== null && changed > 0 && changed <= FEW_CHANGES) await startCoverRun(folder);
	const values =
		standing.finishedAt === null ? { makes: [], kinds: [], markets: [] } : await askCover(folder, 'values');
	return {
		asked,
		values,
		standing: changed > 0 && changed <= FEW_CHANGES ? await coverStanding(await database()) : standing,
		run: coverRun(folder)
	};
};
