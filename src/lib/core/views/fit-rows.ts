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

/** The drawing in words. */
export function fitWords(fit: FitView): string {
	const valueText = (value: number | null) => (value === null ? 'not known' : `${value} mm`);
	return fitRows(fit)
		.map(({ what, body, room }) => `${what} ${valueText(body)} of ${valueText(room)}`)
		.join(', ');
}
