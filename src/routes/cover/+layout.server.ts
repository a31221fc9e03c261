import { coverAsked } from '$lib/server/cover-asked';
import { coverStanding } from '$lib/server/services/cover/standing';
import { hasOwnPolicy } from '$lib/server/services/policy';
import { cover, database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

/** A handful of changes is worked in at once; more wait until somebody asks for it. */
const FEW_CHANGES = 50;

export const load: LayoutServerLoad = async ({ url, depends }) => {
	depends('cover:run');
	const asked = coverAsked(url);
	const standing = await coverStanding(await database());
	const changed = standing.changed.vehicles + standing.changed.products;
	if (standing.finishedAt !== null && changed > 0 && changed <= FEW_CHANGES) await cover.begin();
	const values = standing.finishedAt === null ? { makes: [], kinds: [], markets: [] } : await cover.ask('values');
	return {
		asked,
		values,
		standing: changed > 0 && changed <= FEW_CHANGES ? await coverStanding(await database()) : standing,
		run: cover.state(),
		hasOwnPolicy: await hasOwnPolicy(await database())
	};
};
