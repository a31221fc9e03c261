import { fail } from '@sveltejs/kit';
import { may } from '$lib/server/access/roles';
import { keepBranch } from '$lib/server/access/workplace';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { listBranches } from '$lib/server/repositories/branches';
import { changeBranch, openBranch } from '$lib/server/services/branches';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { person, workplace } }) => {
	const works = new Set(workplace.works.map(({ id }) => id));
	return {
		mayChange: person !== null && may(person.role, 'people'),
		branches: (await listBranches(await database())).map((branch) => ({
			...branch,
			works: works.has(branch.id),
			here: branch.name === workplace.name
		}))
	};
};

const text = (form: FormData, name: string) => String(form.get(name) ?? '');

export const actions: Actions = {
	stand: async ({ request, cookies, url, locals: { workplace } }) => {
		const branch = text(await request.formData(), 'branch');
		const there = workplace.works.find(({ id }) => id === branch);
		if (!there) return fail(400, { message: 'You do not work at this branch.' });
		keepBranch(cookies, url, there.id);
		return { done: `You work at ${there.name} now, at this browser.` };
	},
	open: async ({ request }) => {
		const form = await request.formData();
		const asked = { name: text(form, 'name'), ...(form.has('first') ? { first: text(form, 'first') } : {}) };
		return orDatabaseFailure(async () => {
			const opened = await openBranch(await database(), asked);
			return opened.ok
				? { done: `${opened.value.name} is open, with empty shelves.` }
				: fail(400, { message: opened.error, ...asked });
		});
	},
	change: async ({ request }) => {
		const form = await request.formData();
		const asked = {
			...(form.has('closed') ? { closed: text(form, 'closed') === 'yes' } : { name: text(form, 'name') })
		};
		return orDatabaseFailure(async () => {
			const changed = await changeBranch(await database(), text(form, 'id'), asked);
			return changed.ok ? { done: `${changed.value.name} is changed.` } : fail(400, { message: changed.error });
		});
	}
};
