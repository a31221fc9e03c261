import type { Knex } from 'knex';
import type { ReleaseImpact } from '../../../core/kit';
import type { Complaint } from '../../../core/model';
import { vehicleName } from '../../../core/vehicle';
import { findConfigurations } from '../../repositories/configurations';
import { releasedKitsWith } from '../../repositories/kit-revisions';
import { impactsOn } from './release-impacts';

/** A released kit that a complaint touches, and what to do about it. */
export interface TouchedKit {
	kit: string;
	configuration: string;
	vehicle: string;
	name: string;
	impacts: ReleaseImpact[];
	todo: string;
}

/** Kits shown. */
const MOST = 12;

function todo(impacts: readonly ReleaseImpact[]): string {
	if (impacts.some(({ kind }) => kind === 'holds'))
		return 'Would not be worked out so today: revise it, release it again, and tell whoever has it.';
	if (impacts.some(({ kind }) => kind === 'vehicle' || kind === 'product'))
		return 'What it stands on has changed: look at it, and revise it where the change matters.';
	if (impacts.some(({ kind }) => kind === 'complaint'))
		return 'Leave it until the complaint is settled; sell with care.';
	return 'Stands as it was released.';
}

/** Released kits that have the lamp of a complaint, those of its vehicle first. */
export async function kitsStandingOn(db: Knex, { product, configuration }: Complaint): Promise<TouchedKit[]> {
	const kits = await releasedKitsWith(db, { product, configuration }, MOST);
	if (kits.length === 0) return [];
	const impacts = await impactsOn(
		db,
		kits.map(({ id }) => id)
	);
	const names = new Map(
		(await findConfigurations(db, [...new Set(kits.map((kit) => kit.configurationId))])).map((one) => [
			one.id as string,
			vehicleName(one)
		])
	);
	return kits.map(({ id, name, configurationId }) => {
		const own = impacts.get(id) ?? [];
		return {
			kit: id,
			configuration: configurationId,
			vehicle: names.get(configurationId) ?? configurationId,
			name,
			impacts: own,
			todo: todo(own)
		};
	});
}
