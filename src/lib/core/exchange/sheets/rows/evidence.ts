import { readNumber } from '../../../quantity';
import { factOf, isNumeric, type Evidence, type SubjectKind } from '../../../model';
import type { Assembly, Loose, LooseVehicle, ReadRow } from '../assembly';
import { fromCell } from '../cells';

/** The things evidence may be about. */
const SUBJECTS = ['vehicle', 'socket', 'channel', 'flasher', 'product'] as const satisfies readonly SubjectKind[];

function evidenceOf(row: ReadRow): Evidence {
	const { subject, id: _id, value, ...rest } = row.record;
	const fact = String(rest.fact ?? '');
	const isSubject = (SUBJECTS as readonly unknown[]).includes(subject);
	const isNumber = isSubject && isNumeric(factOf(subject as SubjectKind, fact));
	const text = String(value ?? '');
	const number = isNumber ? readNumber(text) : null;
	const json = /^[[{"]/.test(text) ? fromCell('json', text) : null;
	const read = number !== null ? number : json?.ok ? json.value : value;
	return { ...rest, ...(value === undefined ? {} : { value: read }) } as Evidence;
}

/** The thing of a vehicle that a row of evidence is about. */
function targetOf(vehicle: LooseVehicle, { subject, id }: { subject?: string; id?: string }): Loose | undefined {
	if (subject === 'vehicle') return vehicle;
	if (subject === 'flasher') return vehicle.flasher as Loose | undefined;
	return (subject === 'channel' ? vehicle.channels : vehicle.sockets).find((s) => s.id === id);
}

/** A row of evidence. The first row of a thing takes the place of all evidence that was there. */
export function addEvidence(assembly: Assembly, tab: string, row: ReadRow): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const { subject, id } = row.record as { subject?: string; id?: string };
	const target = targetOf(vehicle, { subject, id });
	if (!target)
		return assembly.problem(
			{ tab, row: row.number, column: 'id' },
			`There is no ${subject ?? 'socket'} “${id ?? ''}” in ${row.owner}.`
		);
	// Evidence comes whole: the first row of a thing takes the place of what was there.
	const key = `${row.owner}\n${subject}\n${id}`;
	const before = assembly.evidenced.has(key) ? ((target.evidence as Evidence[] | undefined) ?? []) : [];
	assembly.evidenced.add(key);
	target.evidence = [...before, evidenceOf(row)];
}
