import { building } from '$app/environment';
import type { HandleServerError, ServerInit } from '@sveltejs/kit';
import { databaseFailure } from '$lib/server/db/failure';
import { logFailure } from '$lib/server/log';
import { closeShop, openShop } from '$lib/server/shop';
import { warmPool } from '$lib/server/workers/pool';

/** Opens the database, so that trouble with it shows at start and not at the first customer. */
export const init: ServerInit = async () => {
	if (building) return;
	process.on('sveltekit:shutdown', () => void closeShop());
	try {
		await openShop();
		void warmPool();
	} catch (error) {
		const trouble = databaseFailure(error);
		if (!trouble) throw error;
		process.stderr.write(`${trouble}\n`);
		process.exit(2);
	}
};

/** An unexpected failure: one sentence for the person, the whole of it for the log. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const trouble = databaseFailure(error);
	if (trouble) return { message: trouble, kept: 'What you typed is still in the form if you go back.' };
	logFailure({ method: event.request.method, path: event.url.pathname, status }, error);
	return status === 404
		? { message: 'There is nothing at this address.', kept: 'Nothing was changed.' }
		: { message: `Something went wrong here (${message}).`, kept: 'What was saved before is kept.' };
};
