import { json } from '@sveltejs/kit';
import { mayOpenBeside, openBeside } from '$lib/server/beside';
import { dataFolder } from '$lib/server/config';
import { databaseFailure } from '$lib/server/db/failure';
import { practiceDatabase } from '$lib/server/practice-folder';
import { exerciseIn } from '$lib/server/practice-input';
import { putIntoPracticeShop } from '$lib/server/services/practice-shop';
import type { RequestHandler } from './$types';

const [NOT_THERE, NOT_HERE, NOT_STARTED] = [404, 409, 503];
const refused = (message: string, status: number) => json({ message }, { status });

/** Puts the vehicle of an exercise into the shop of the practice, opens that beside this one, and says at which address it is seen. */
export const POST: RequestHandler = async ({ params, url }) => {
	const key = exerciseIn(params);
	if (!mayOpenBeside())
		return refused('The shop of the practice is opened on the machine this shop runs on.', NOT_HERE);
	try {
		const path = await putIntoPracticeShop(await practiceDatabase(), key, new Date().toISOString());
		if (!path.ok) return refused(path.error, NOT_THERE);
		const opened = await openBeside('practice', { folder: dataFolder(), back: `${url.origin}/practice` });
		return opened.ok ? json({ address: opened.value + path.value }) : refused(opened.error, NOT_STARTED);
	} catch (error) {
		const trouble = databaseFailure(error);
		if (!trouble) throw error;
		return refused(trouble, NOT_STARTED);
	}
};
