import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import type { PageServerLoad } from './$types';

const on = z.literal('on').nullish().transform(Boolean);
const wishes = z.object({
	stock: on,
	whole: on,
	kelvin: z.coerce.number().min(2000).max(8000).nullable().catch(null),
	maker: z.string().trim().min(1).nullable().catch(null),
	filament: on
});

export const load: PageServerLoad = async ({ params, url }) => {
	const asked = Object.fromEntries(
		['stock', 'whole', 'kelvin', 'maker', 'filament'].map((name) => [name, url.searchParams.get(name) || null])
	);
	const { stock, whole, kelvin, maker, filament } = wishes.parse(asked);
	const preferences = { inStock: stock, withoutParts: whole, kelvin: asked.kelvin ? kelvin : null, maker };
	const answer = await inThread(dataFolder(), {
		what: 'whole',
		asked: [params.id, { preferences, stockOnly: filament }]
	});
	if (!answer) error(404, { message: `There is no vehicle “${params.id}”.` });
	return { answer, preferences, filament };
};
