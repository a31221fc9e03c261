const LOOKING: ReadonlySet<string> = new Set(['GET', 'HEAD']);

/** True for a request that only looks: nothing may be changed by it. */
export const onlyLooks = (method: string): boolean => LOOKING.has(method);
