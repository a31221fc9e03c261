/** Ticks of an axis of shares, 0 to 1. */
export const SHARES = [0, 0.25, 0.5, 0.75, 1] as const;

/** A share in words of an axis. @example percent(0.25) // "25 %" */
export const percent = (share: number): string => `${Math.round(100 * share)} %`;
