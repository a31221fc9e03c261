import { error } from '@sveltejs/kit';
import { compareKits } from '$lib/core/kit';
import { socketName } from '$lib/core/vehicle';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import { kitSheet } from '$lib/server/services/kits';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const now = await kitOr404(params);
	const { revisions } = now;
	const last = now.state === 'released' ? revisions.length : revisions.length + 1;
	if (last < 2)
		error(404, {
			message: 'This kit has one revision only: there is nothing to compare yet.',
			kept: 'Nothing was changed.'
		});
	const to = Number(url.searchParams.get('to') ?? last);
	const from = Number(url.searchParams.get('from') ?? Math.max(1, to - 1));
	const db = await database();
	const at = async (revision: number) =>
		revision > revisions.length ? now : await kitSheet(db, params.id, { id: params.kit, revision });
	const [before, after] = [await at(from), await at(to)];
	if (!before || !after) error(404, { message: `There is no revision ${before ? to : from} of this kit.` });
	const { sockets } = after.configuration;
	const nameOf = (id: string) => {
		const socket = sockets.find((s) => s.id === id);
		return socket ? socketName(socket) : id;
	};
	const { closed, opened, ...difference } = compareKits(before.answer, after.answer, sockets);
	const head = ({ code, revision, kit, releasedAt, life }: typeof now) => ({
		code,
		revision,
		releasedAt,
		by: life.checked?.by ?? null,
		total: kit.total,
		open: kit.open.length
	});
	return {
		kitId: params.kit,
		kitName: now.name,
		currency: now.currency,
		numbers: Array.from({ length: last }, (_, i) => i + 1),
		from: head(before),
		to: head(after),
		difference: { ...difference, closed: closed.map(nameOf), opened: opened.map(nameOf) }
	};
};
