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
