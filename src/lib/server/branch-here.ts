import { AsyncLocalStorage } from 'node:async_hooks';

const here = new AsyncLocalStorage<string | null>();

/** The branch at which the request under way is made; null for the first one, for a shop without branches, and outside of requests. */
export const branchHere = (): string | null => here.getStore() ?? null;

/** Does some work at a branch. */
export const atBranch = <T>(branch: string | null, work: () => T): T => here.run(branch, work);
