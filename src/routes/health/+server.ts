import { text } from '@sveltejs/kit';

/** Answers as long as the process does. */
export const GET = (): Response => text('ok');
