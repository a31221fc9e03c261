import type { Knex } from 'knex';
import { DEFAULT_POLICY, type Policy } from '../../core/model';
import { DEFAULT_CURRENCY, type MeasureSystem } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';
import { change } from '../db/change';
import { fingerprint } from '../fingerprint';
import { raiseMark, readSetting, writeSetting } from '../repositories/settings';

/** The shop's policy on LED in headlamps and fog lamps. */
export async function readPolicy(db: Knex): Promise<Policy> {
	return ((await readSetting(db, 'policy')) as Policy | undefined) ?? DEFAULT_POLICY;
}

/**
 * Changes the policy; every answer made under the old one is out of date.
 * @param saw fingerprint of the policy that the person saw
 */
export function changePolicy(db: Knex, policy: Policy, saw?: string): Promise<Result<Policy, string>> {
	return change(db, async (tx) => {
		const now = await readPolicy(tx);
		if (saw !== undefined && fingerprint(now) !== saw)
			return err(
				`Somebody else changed the policy meanwhile (headlamps: ${now.headlamps}, fog: ${now.fog ?? now.headlamps}). Yours was not written; it is still chosen here. Read the page again to go on from theirs.`
			);
		await writeSetting(tx, 'policy', policy);
		await raiseMark(tx, 'shop', 'policy');
		return ok(policy);
	});
}

/** What people in the shop measure in. */
export async function readMeasures(db: Knex): Promise<MeasureSystem> {
	return ((await readSetting(db, 'measures')) as MeasureSystem | undefined) ?? 'metric';
}

/** ISO code of the currency of every price. */
export async function readCurrency(db: Knex): Promise<string> {
	return ((await readSetting(db, 'currency')) as string | undefined) ?? DEFAULT_CURRENCY;
}
