import { databaseFailure } from '../lib/server/db/failure';
import { BadInput } from './io';

/** Does work on the data folder. @throws BadInput with the one sentence of its trouble */
export async function plainly<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (error) {
		const trouble = databaseFailure(error);
		throw trouble === null ? error : new BadInput(trouble);
	}
}
