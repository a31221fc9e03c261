import type { FitView } from './candidate-detail';

/** One row of the numbers beside a drawing. */
export interface FitRow {
	what: string;
	body: number | null;
	room: number | null;
}

/** The numbers of a drawing, as a table: what the lamp takes and what there is. */
export function fitRows({ mount, body, room, behind, lightCentre }: FitView): FitRow[] {
	const rows: FitRow[] = [
		{
			what: 'front length',
			body: body.frontLength ?? body.length ?? null,
			room: room.frontLength ?? room.holderLength ?? null
		},
		{ what: 'front diameter', body: body.frontDiameter ?? null, room: room.frontDiameter ?? null }
	];
	if (mount === 'flange')
		rows.push(
			{ what: 'through the opening', body: body.frontDiameter ?? null, room: room.opening ?? null },
			{ what: 'depth behind, with air', body: behind, room: room.rearDepth ?? null },
			{ what: 'diameter behind', body: body.rearDiameter ?? null, room: room.rearDiameter ?? null },
			{ what: 'light centre (filament)', body: body.lightCentre ?? null, room: lightCentre }
		);
	return rows;
}

/** A length of a drawing as a number, to a hundredth of a millimetre. @example lengthText(9.270000000000001) // "9.27" */
export const lengthText = (mm: number | null): string => (mm === null ? 'not known' : `${Number(mm.toFixed(2))}`);

/** The drawing in words. */
export function fitWords(fit: FitView): string {
	const valueText = (mm: number | null) => (mm === null ? 'not known' : `${lengthText(mm)} mm`);
	return fitRows(fit)
		.map(({ what, body, room }) => `${what} ${valueText(body)} of ${valueText(room)}`)
		.join(', ');
}
