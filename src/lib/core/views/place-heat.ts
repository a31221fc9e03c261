import { steadySpan, type HeatCase, type HeatSpan } from '../heat';
import { categoryOrNull } from '../lamps';
import { assumedForPlaces, heatBandOf, limitOf, placeHeat } from '../match';
import type { Configuration, Product } from '../model';
import type { SetValues } from '../quantity';

/** What is estimated of a lamp in a place, to be held against what somebody measures. */
export interface PlaceHeatView {
	middle: HeatCase;
	span: HeatSpan;
	limit: number;
	named: boolean;
	/** s */
	timeConstant: number;
}

/** The estimate for a lamp in a place; null where category or power is not known. */
export function heatOfPlace(
	configuration: Configuration,
	{ socket: id, product, assumptions }: { socket: string; product: Product; assumptions?: SetValues | undefined }
): PlaceHeatView | null {
	const socket = configuration.sockets.find((one) => one.id === id);
	const category = categoryOrNull(socket?.category);
	if (!socket || !category) return null;
	const assumed = assumedForPlaces(assumptions);
	const heat = placeHeat(configuration, { socket, category }, assumed);
	const band = heatBandOf({ heat, assumed }, product);
	if (!band) return null;
	return {
		middle: band.middle,
		span: steadySpan(band),
		...limitOf({ assumed }, product),
		timeConstant: heat.timeConstant
	};
}
