import type { ActionResult } from '@sveltejs/kit';

/** What a form says when it was not taken, with what was typed left as it is. */
export interface Refusal {
	text: string;
	kept: string;
}

const TYPED = 'What you typed is still here.';

/**
 * Why a form came back without an answer of its own: stopped at the door, nobody signed in any more, a failure, no server. Null when it was
 * answered.
 */
export function refusalIn(result: ActionResult): Refusal | null {
	if (result.type === 'success' || result.type === 'failure' || result.type === 'redirect') return null;
	const said: unknown = result.type === 'error' ? result.error : result;
	if (said instanceof TypeError) return { text: 'The server does not answer just now.', kept: `${TYPED} Try again.` };
	if (said instanceof Error || typeof said !== 'object' || said === null)
		return { text: 'The answer of the server cannot be read.', kept: TYPED };
	const { message, kept, request } = said as Partial<App.Error>;
	const number = request ? ` (request ${request})` : '';
	return { text: `${message ?? 'This did not work.'}${number}`, kept: kept ?? TYPED };
}
