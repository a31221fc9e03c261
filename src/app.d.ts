import type { Person } from '$lib/server/access/accounts';
import type { Workplace } from '$lib/server/access/workplace';

declare global {
	namespace App {
		interface Error {
			/** What was wrong, one sentence. */
			message: string;
			/** What was kept, and what to do. */
			kept?: string;
			/** Number of the request, to be found again in the log. */
			request?: string;
		}
		interface Locals {
			/** Number of the request, in the log and on an error page. */
			request: string;
			/** Who makes it; null where nobody is signed in. */
			person: Person | null;
			/** True where a shop has accounts, so that everybody has to sign in. */
			guarded: boolean;
			/** True where the data are made up to try things with. */
			demo: boolean;
			/** At which branch it is made. */
			workplace: Workplace;
		}
	}
}

export {};
