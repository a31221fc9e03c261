import { outputName } from '../../vehicle';
import type { RemedyOffer } from '../remedy';

/** The filament lamps of an output put back: always there, costs nothing, and gives the LED up. */
export const filamentBack: RemedyOffer = ({ channel, kind }, { circuit }) => {
	const feeds = circuit.channels.get(channel)?.feeds ?? [];
	const back = [...new Set(feeds.map((feed) => feed.socket as string))].filter(
		(socket) => circuit.fitted.lamps.get(socket)?.kind === 'product'
	);
	if (back.length === 0) return { kind: 'filament', label: 'Filament lamps back', why: 'they are all in place' };
	return [
		{
			id: `filament ${back.join()}`,
			kind: 'filament',
			label: `Filament lamps back on the ${outputName(circuit.configuration, channel)}`,
			parts: [],
			back,
			scope: 'channel',
			heatWatts: 0,
			minutes: 5 * back.length,
			caution: kind === 'short' ? 'Replace the fuse once, by one of the same rating.' : 'Glass that was lit is hot.'
		}
	];
};
