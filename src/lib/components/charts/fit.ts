import type { FitView } from '$lib/core/views';

/** How far a drawing reaches behind and ahead of the reference plane and across, mm. */
export interface FitExtent {
	behind: number;
	ahead: number;
	tall: number;
}

/** An extent that holds all of several lamps and their cavities, so that drawings share one scale. */
export function fitExtent(fits: readonly FitView[]): FitExtent {
	const most = (of: (fit: FitView) => (number | null | undefined)[], least: number) =>
		Math.max(least, ...fits.flatMap((fit) => of(fit).flatMap((value) => value ?? [])));
	const flange = fits.some((fit) => fit.mount === 'flange');
	return {
		behind: flange ? most(({ room, body, behind }) => [room.rearDepth, body.rearLength, behind], 20) : 6,
		ahead: most(
			({ room, body, lightCentre }) => [
				room.frontLength,
				room.holderLength,
				body.frontLength,
				body.length,
				lightCentre
			],
			20
		),
		tall: most(
			({ room, body }) => [room.frontDiameter, room.rearDiameter, room.opening, body.frontDiameter, body.rearDiameter],
			14
		)
	};
}

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
