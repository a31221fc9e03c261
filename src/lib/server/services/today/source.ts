import type { Knex } from 'knex';
import type { Waiting } from '../../../core/views';

/** Of each kind so many are looked for: the page shows the first, the room of the kind has the rest. */
export const MOST_OF_A_KIND = 8;

/** What of one kind wants a person on a day (`YYYY-MM-DD` in the shop). */
export type WaitingSource = (db: Knex, today: string) => Promise<Waiting[]>;
