import { json } from '@sveltejs/kit';
import { readiness } from '$lib/server/services/readiness';

/** Whether this server can take work: database, disk, backup, what waits. */
export async function GET(): Promise<Response> {
	const state = await readiness();
	return json(state, { status: state.ready ? 200 : 503 });
}
