import { STOCK, type Fitted } from '../../circuit';
import { categoryOrNull } from '../../lamps';
import type { Made } from '../made';

/** A made vehicle with the LED that serves in every place, and nothing else done. */
export function fittedWithLeds({ truth, products }: Made): Fitted {
	// The id of a lamp with a flaw has its name behind it.
	const serving = products.filter(({ kind, id }) => kind === 'led' && !id.includes('-'));
	const lamps = new Map(
		truth.sockets.flatMap((socket) => {
			const category = categoryOrNull(socket.category)?.category;
			const product = serving.find(({ fits }) => category !== undefined && fits.includes(category));
			return product ? [[socket.id as string, { kind: 'product' as const, product }] as const] : [];
		})
	);
	return { ...STOCK, lamps };
}
