import { readDemand, type DemandTable } from '../../../../core/cover';
import type { CoverTools } from './tools';

/** Reads how many there are of each vehicle from a table, for the vehicles of the fleet. */
export const registrations = ({ cover }: CoverTools, table: DemandTable): ReturnType<typeof readDemand> =>
	readDemand(
		table,
		cover.vehicles.map(({ facts }) => facts)
	);
