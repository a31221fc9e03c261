import type { Knex } from 'knex';
import { DEFAULT_POLICY, type Policy } from '../../core/model';
import { DEFAULT_CURRENCY } from '../../core/quantity';
import { bumpCatalogueVersion, readSetting, writeSetting } from '../repositories/settings';

/** The shop's policy on LED in headlamps and fog lamps. */
export async function readPolicy(db: Knex): Promise<Policy> {
	return ((await readSetting(db, 'policy')) as Policy | undefined) ?? DEFAULT_POLICY;
}

/** Changes the policy; every answer made under the old one is out of date. */
export async function changePolicy(db: Knex, policy: Policy): Promise<void> {
	await db.transaction(async (tx) => {
		await writeSetting(tx, 'policy', policy);
		await bumpCatalogueVersion(tx);
	});
}

/** ISO code of the currency of every price. */
export async function readCurrency(db: Knex): Promise<string> {
	return ((await readSetting(db, 'currency')) as string | undefined) ?? DEFAULT_CURRENCY;
}
