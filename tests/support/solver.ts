import { highsSolver } from '../../src/lib/server/solver/highs';
import type { Solver } from '../../src/lib/core/solver';

/** A solver behind the core's port, for tests of the core. */
export const solver: Solver = highsSolver;
