import type { Knex } from 'knex';
import { ASSUMPTIONS } from '../../core/kit';
import { err, ok, type Result } from '../../core/result';
import type { SetValue, SetValues } from '../../core/quantity';
import { change } from '../db/change';
import { fingerprint } from '../fingerprint';
import { raiseMark, readSetting, writeSetting } from '../repositories/settings';

/** What the shop has set in place of default assumptions. */
export async function readAssumptions(db: Knex): Promise<SetValues> {
	return ((await readSetting(db, 'assumptions')) as SetValues | undefined) ?? {};
}

/** One change of an assumption; null goes back to the default. */
export type AssumptionChange = { id: string; set: SetValue | null };

function trouble({ id, set }: AssumptionChange): string | null {
	const known = ASSUMPTIONS.find((a) => a.id === id);
	if (!known) return `There is no assumption “${id}”.`;
	if (!set) return null;
	if (!Number.isFinite(set.value) || set.value < known.least || set.value > known.most)
		return `${known.label}: give a number from ${known.least} to ${known.most}${known.unit ? ` ${known.unit}` : ''}.`;
	return set.source.trim() === '' ? `${known.label}: say where the value comes from.` : null;
}

/** What is set, in words. */
const setWords = (set: SetValues) =>
	Object.entries(set)
		.map(([id, { value }]) => `${ASSUMPTIONS.find((a) => a.id === id)?.label ?? id} ${value}`)
		.join(', ') || 'all defaults';

/** Sets assumptions, or takes them back to their defaults: all of them or none. Every answer made under the old ones is out of date. */
export async function changeAssumptions(
	db: Knex,
	changes: readonly AssumptionChange[],
	saw?: string
): Promise<Result<SetValues, string>> {
	const wrong = changes.flatMap((change) => trouble(change) ?? [])[0];
	if (wrong) return err(`${wrong} Nothing was changed.`);
	return change(db, async (tx) => {
		const now = await readAssumptions(tx);
		if (saw !== undefined && fingerprint(now) !== saw)
			return err(
				`Somebody else set assumptions meanwhile (${setWords(now)}). Yours were not written; they are still in the form. Read the page again to go on from theirs.`
			);
		const next: Record<string, SetValue> = { ...now };
		for (const { id, set } of changes) {
			if (set) next[id] = set;
			else delete next[id];
		}
		await writeSetting(tx, 'assumptions', next);
		await raiseMark(tx, 'shop', 'policy');
		return ok(next);
	});
}
