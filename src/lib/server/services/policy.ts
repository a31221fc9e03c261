import type { Knex } from 'knex';
import { DEFAULT_POLICY, type Policy } from '../../core/model';
import { DEFAULT_CURRENCY, type MeasureSystem } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';
import { branchOf, WHOLE_CHAIN } from '../db/branch';
import { change } from '../db/change';
import { fingerprint } from '../fingerprint';
import { raiseMark, readSetting, writeSetting } from '../repositories/settings';

const KEY = 'policy';
const keyAt = (branch: string | null) => (branch === null || branch === WHOLE_CHAIN ? KEY : `${KEY}@${branch}`);

/** The policy on LED in headlamps and fog lamps: a branch goes by the one of the first branch until it has its own. */
export async function readPolicy(db: Knex): Promise<Policy> {
	const own = (await readSetting(db, keyAt(branchOf(db)))) as Policy | null | undefined;
	return own ?? ((await readSetting(db, KEY)) as Policy | undefined) ?? DEFAULT_POLICY;
}

/** True where a branch goes by a policy of its own. */
export async function hasOwnPolicy(db: Knex): Promise<boolean> {
	const key = keyAt(branchOf(db));
	return key !== KEY && (await readSetting(db, key)) != null;
}

/**
 * Changes the policy; every answer made under the old one is out of date.
 * @param policy null at a branch that goes by the policy of the first one again
 * @param saw fingerprint of the policy that the person saw
 */
export function changePolicy(db: Knex, policy: Policy | null, saw?: string): Promise<Result<Policy, string>> {
	return change(db, async (tx) => {
		const now = await readPolicy(tx);
		if (saw !== undefined && fingerprint(now) !== saw)
			return err(
				`Somebody else changed the policy meanwhile (headlamps: ${now.headlamps}, fog: ${now.fog ?? now.headlamps}). Yours was not written; it is still chosen here. Read the page again to go on from theirs.`
			);
		const key = keyAt(branchOf(tx));
		if (policy === null && key === KEY) return err('The first branch has a policy of its own.');
		await writeSetting(tx, key, policy);
		await raiseMark(tx, 'shop', 'policy');
		return ok(await readPolicy(tx));
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
