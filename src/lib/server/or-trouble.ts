import { fail, type ActionFailure } from '@sveltejs/kit';
import { databaseTrouble } from './db/trouble';

/** Does the work of a form; trouble with the database comes back to the form as one sentence, so that what was typed is kept. */
export async function orTrouble<T>(work: () => Promise<T>): Promise<T | ActionFailure<{ message: string }>> {
	try {
		return await work();
	} catch (error) {
		const message = databaseTrouble(error);
		if (message === null) throw error;
		return fail(503, { message });
	}
}
