declare global {
	namespace App {
		interface Error {
			/** What was wrong, one sentence. */
			message: string;
			/** What was kept, and what to do. */
			kept?: string;
		}
	}
}

export {};
