import type { Assembly, ReadRow } from '../assembly';

/** A row of a shared lamp unit, which comes whole. */
export function addUnit(assembly: Assembly, tab: string, row: ReadRow): void {
	const id = String(row.record.id ?? '');
	if (!id) return assembly.problem({ tab, row: row.number, column: 'id' }, 'The unit has no id.');
	if (assembly.names(`\nunit\n${id}`, tab, row)) assembly.units.set(id, row.record);
}
