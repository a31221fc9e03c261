import type { Knex } from 'knex';

declare const changing: unique symbol;

/** A database in the middle of a change. Only `change` hands one out: whatever writes asks for it, so that nothing is written outside. */
export type Tx = Knex & { readonly [changing]: true };
