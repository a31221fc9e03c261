import { looseVehicle, type Assembly, type Loose, type ReadRow } from '../assembly';

/** A row of a vehicle: what its cells say on top of what is known of it. */
export function addVehicle(assembly: Assembly, tab: string, row: ReadRow): void {
	const id = String(row.record.id ?? row.owner);
	if (!id) return assembly.problem({ tab, row: row.number, column: 'id' }, 'The vehicle has no id.');
	if (!assembly.names(id, tab, row)) return;
	const { '0': from, '1': to } = (row.record.years as Loose | undefined) ?? {};
	const years = from === undefined && to === undefined ? {} : { years: [from ?? to, to ?? from] };
	const known = assembly.configurations.get(id) ?? looseVehicle(assembly.existing.configurations.get(id) ?? {});
	assembly.configurations.set(id, { ...known, ...row.record, ...years, id });
}
