import type { Product } from '../../model';
import { isFlashRate } from '../symptoms/monitor';
import type { RemedyOffer } from '../remedy';

const LABEL = 'Lamps with a built-in load';
/** What one lamp of a product costs in its cheapest pack, minor units. */
const priceOf = ({ packs }: Product) => Math.min(...packs.map((pack) => pack.price / pack.count));

/** Lamps that carry a load of their own in place of the chosen ones: no part to mount, and the heat is in the lamp. */
export const loadedLamp: RemedyOffer = ({ kind, channel }, { circuit, loaded }) => {
	if (kind !== 'message' && kind !== 'glow' && !isFlashRate(kind)) return null;
	const feeds = circuit.channels.get(channel)?.feeds ?? [];
	const swaps = [...new Set(feeds.map((feed) => feed.socket as string))].flatMap((socket) => {
		const lamp = circuit.fitted.lamps.get(socket);
		const [product] = lamp?.kind === 'product' && !lamp.product.builtInLoad ? loaded(socket) : [];
		return product && lamp?.kind === 'product' ? [{ socket, product, instead: lamp.product }] : [];
	});
	if (swaps.length === 0)
		return { kind: 'loaded-lamp', label: LABEL, why: 'none on sale fits these sockets and stays cool enough' };
	const extra = swaps.reduce((sum, { product, instead }) => sum + priceOf(product) - priceOf(instead), 0);
	return [
		{
			id: `loaded-lamp ${swaps.map(({ socket, product }) => `${socket}:${product.id}`).join()}`,
			kind: 'loaded-lamp',
			label: `${[...new Set(swaps.map(({ product }) => product.name))].join(', ')} in ${swaps.map(({ socket }) => socket).join(', ')}`,
			parts: [],
			back: [],
			swaps: swaps.map(({ socket, product }) => ({ socket, product })),
			extra: Number.isFinite(extra) ? Math.round(extra) : 0,
			scope: 'channel',
			heatWatts: swaps.reduce((sum, { product }) => sum + (product.builtInLoad ?? 0), 0),
			minutes: 0,
			caution: 'The heat stays in the lamp: look at it after ten minutes, and never in a plastic holder that softens.'
		}
	];
};
