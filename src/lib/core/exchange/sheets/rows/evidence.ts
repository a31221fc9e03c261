import { readNumber } from '../../../quantity';
import { factOf, isNumeric, type Evidence, type SubjectKind } from '../../../model';
import type { Assembly, Loose, ReadRow } from '../assembly';
import { fromCell } from '../cells';

/** The things evidence may be about. */
const SUBJECTS = ['socket', 'channel', 'flasher', 'product'] as const satisfies readonly SubjectKind[];

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

/** A row of evidence. The first row of a thing takes the place of all evidence that was there. */
export function addEvidence(assembly: Assembly, tab: string, row: ReadRow): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const { subject, id } = row.record as { subject?: string; id?: string };
	const target =
		subject === 'flasher'
			? (vehicle.flasher as Loose | undefined)
			: (subject === 'channel' ? vehicle.channels : vehicle.sockets).find((s) => s.id === id);
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
