import { fail, type ActionFailure } from '@sveltejs/kit';
import { databaseFailure } from './db/failure';

/** Does the work of a form; trouble with the database comes back to the form as one sentence, so that what was typed is kept. */
export async function orDatabaseFailure<T>(work: () => Promise<T>): Promise<T | ActionFailure<{ message: string }>> {
	try {
		return await work();
	} catch (error) {
		const message = databaseFailure(error);
		if (message === null) throw error;
		return fail(503, { message });
	}
}
