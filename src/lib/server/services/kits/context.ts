import type { Knex } from 'knex';
import type { Configuration } from '../../../core/model';
import type { PricingWatch } from '../../../core/kit';
import { err, ok, type Result } from '../../../core/result';
import { branchOf } from '../../db/branch';
import { branchNames } from '../../repositories/branches';
import { findConfiguration } from '../../repositories/configurations';
import { findKit, type StoredKit } from '../../repositories/kits';
import { dataOfKit } from './data';
import { changedUnder, foundationOf } from './foundation';
import type { KitWork } from './work';

/** What a kit service needs from outside. */
export interface KitContext {
	db: Knex;
	/** What takes long, wherever it is done. */
	work: KitWork;
	/** The time, ISO. */
	now: () => string;
	/** A new id that nobody has. */
	newId: () => string;
	/** A code for a revision, which nobody guesses. */
	newCode: () => string;
	/** Lets somebody look on while the kit of an id is solved, and stop it. */
	watched: <T>(id: string, work: (watch: PricingWatch) => Promise<T>) => Promise<T>;
}

/** A kit that may be changed, with its vehicle. */
export async function draftOf(
	db: Knex,
	id: string
): Promise<Result<{ kit: StoredKit; configuration: Configuration }, string>> {
	const kit = await findKit(db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	if (kit.state === 'released')
		return err(`${kit.name} is released, and a released kit does not change: start its next revision.`);
	if (kit.branch !== branchOf(db)) {
		const nameOf = await branchNames(db);
		return err(`${kit.name} is a kit of ${nameOf(kit.branch) ?? 'another branch'}: it is worked on there.`);
	}
	const configuration = await findConfiguration(db, kit.configurationId);
	return configuration ? ok({ kit, configuration }) : err('The vehicle of this kit is no longer there.');
}

/** What has changed under a kit since it was worked out, in words. */
export async function staleness(
	db: Knex,
	{ kit, configuration }: { kit: StoredKit; configuration: Configuration }
): Promise<string[]> {
	return changedUnder(kit.standsOn, foundationOf({ configuration, answer: kit.answer }, await dataOfKit(db, kit)));
}
