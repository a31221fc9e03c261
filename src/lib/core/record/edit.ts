import type { Configuration } from '../model';
import { err, ok, type Result } from '../result';

/** A changed record, and the change in one sentence for its history. */
export interface Edited {
	configuration: Configuration;
	what: string;
}

/** An edit either holds or says in one sentence why not. */
export type Edit = (configuration: Configuration) => Result<Edited, string>;

/** A record changed, with the sentence. */
export function edited(configuration: Configuration, what: string): Result<Edited, string> {
	return ok({ configuration, what });
}

/** The sentence for an edit of something that is no longer there. */
export function gone(what: string): Result<never, string> {
	return err(`${what} is no longer in this record. Nothing was changed.`);
}
