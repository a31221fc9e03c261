import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { BALANCES, KIT_SCOPES, label, minorUnits, policyException } from '$lib/core/exchange';
import type { Result } from '$lib/core/result';
import { orTrouble } from '$lib/server/or-trouble';
import {
	addRunnersUp,
	chooseInKit,
	releaseKit,
	renameKit,
	reorderKit,
	type KitContext
} from '$lib/server/services/kits';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import { kitContext } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { configuration, ...shown } = await kitOr404(params);
	return { ...shown, sockets: configuration.sockets.length };
};

async function fields<T>(request: Request, schema: z.ZodType<T>): Promise<T | null> {
	const read = schema.safeParse(Object.fromEntries(await request.formData()));
	return read.success ? read.data : null;
}

const bad = (message: string) => fail(400, { message: `${message} Nothing was changed.` });
/** Does what a form asks of a kit: done, or one sentence why not. */
const doing = (work: (ctx: KitContext) => Promise<Result<unknown, string>>) =>
	orTrouble(async () => {
		const done = await work(await kitContext());
		return done.ok ? { done: true } : fail(409, { message: done.error });
	});

const naming = z.object({ name: label });
const ordering = z.object({
	scope: z.enum(KIT_SCOPES),
	balance: z.enum(BALANCES),
	budget: z
		.string()
		.trim()
		.transform((text) => (text === '' ? undefined : Math.round(Number(text.replace(',', '.')) * 100)))
		.pipe(minorUnits.optional())
});
const freeing = z.object({ socket: z.string().min(1) });
const leaving = z.object({ socket: z.string().min(1), reason: label });
const releasing = z.object({ signedBy: z.string().trim().max(200) });

export const actions: Actions = {
	rename: async ({ request, params }) => {
		const read = await fields(request, naming);
		return read ? doing((ctx) => renameKit(ctx, params.kit, read.name)) : bad('A name has 1 to 200 characters.');
	},
	order: async ({ request, params }) => {
		const read = await fields(request, ordering);
		if (!read) return bad('The budget must be an amount such as 250 or 249.90.');
		return doing((ctx) => reorderKit(ctx, params.kit, (order) => ({ ...order, ...read })));
	},
	free: async ({ request, params }) => {
		const read = await fields(request, freeing);
		return read ? doing((ctx) => chooseInKit(ctx, params.kit, read.socket, null)) : bad('No socket was named.');
	},
	leave: async ({ request, params }) => {
		const read = await fields(request, leaving);
		if (!read) return bad('Give a reason for leaving the socket stock.');
		return doing((ctx) => chooseInKit(ctx, params.kit, read.socket, { kind: 'stock', reason: read.reason }));
	},
	except: async ({ request, params }) => {
		const form = Object.fromEntries(await request.formData());
		const read = policyException.safeParse({ ...form, on: new Date().toISOString().slice(0, 10) });
		if (!read.success) return bad('An exception wants a name, and words that will stand on the kit.');
		return doing((ctx) => reorderKit(ctx, params.kit, (order) => ({ ...order, exception: read.data })));
	},
	unexcept: async ({ params }) =>
		doing((ctx) => reorderKit(ctx, params.kit, ({ exception: _exception, ...order }) => order)),
	runners: async ({ params }) => doing((ctx) => addRunnersUp(ctx, params.kit)),
	release: async ({ request, params }) => {
		const read = await fields(request, releasing);
		return read ? doing((ctx) => releaseKit(ctx, params.kit, read.signedBy)) : bad('The name is too long.');
	}
};
