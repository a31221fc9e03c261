import type { Knex } from 'knex';
import type { KitAnswer } from '../../core/kit';
import type { FittedLampLife } from '../../core/learn';
import type { Tx } from '../db/change';
import { putFittedLamps } from '../repositories/fitted-lamps';
import type { FittingRow } from '../repositories/fittings';
import { findKit } from '../repositories/kits';
import { listRevisions } from '../repositories/kit-revisions';
import { shopDay } from '../shop-time';
import type { FrozenKit } from './kits/life';

/** Lamps by socket, as the lines of a kit say. */
export const lampsIn = ({ lines }: Pick<KitAnswer, 'lines'>): Record<string, string> =>
	Object.fromEntries(
		lines.flatMap(({ product, sockets }) => (product === undefined ? [] : sockets.map((socket) => [socket, product])))
	);

/** What went in by a fitting: the revision it was made for, as it was frozen, or the kit as it stands. */
export async function kitOfFitting(
	db: Knex,
	{ kitId, revision }: Pick<FittingRow, 'kitId' | 'revision'>
): Promise<Pick<KitAnswer, 'lines'> | null> {
	const frozen = revision === null ? undefined : (await listRevisions(db, kitId)).find((r) => r.revision === revision);
	if (frozen) return (frozen.document as FrozenKit).answer;
	return (await findKit(db, kitId))?.answer ?? null;
}

/** Puts on record what went into a vehicle at a fitting that is finished. */
export async function recordFitted(
	tx: Tx,
	fitting: Pick<FittingRow, 'id' | 'configurationId' | 'kitId' | 'revision'>,
	{ finishedAt, lamps }: { finishedAt: string; lamps?: Readonly<Record<string, string>> | undefined }
): Promise<void> {
	const kit = lamps ? null : await kitOfFitting(tx, fitting);
	const on = shopDay(finishedAt);
	const fitted = Object.entries(lamps ?? (kit ? lampsIn(kit) : {})).map(([socket, product]): FittedLampLife => ({
		fitting: fitting.id,
		configuration: fitting.configurationId,
		socket,
		product,
		on
	}));
	await putFittedLamps(tx, fitted);
}
