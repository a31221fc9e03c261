import { answers, fittedPart, loadOhms, strategyOf, suits } from '../../accessories';
import { categoryOrNull, lampFunction } from '../../lamps';
import type { Accessory, Configuration } from '../../model';
import { outputName, supplyOf } from '../../vehicle';
import type { CircuitComplaint } from '../complaint';
import type { CircuitRemedy, RemedyCase, RemedyOffer } from '../remedy';

const LABEL = 'Load in parallel';
const CURED: ReadonlySet<string> = new Set(['message', 'hyperflash', 'slow-flash', 'glow']);

/** Sockets of a channel that no longer have their filament lamp: each may carry a load of its own. */
function converted({ channel }: CircuitComplaint, { circuit }: RemedyCase): string[] {
	const feeds = circuit.channels.get(channel)?.feeds ?? [];
	return feeds
		.map((feed) => feed.socket as string)
		.filter((socket) => circuit.fitted.lamps.get(socket)?.kind === 'product');
}

function offer(
	accessory: Accessory,
	complaint: CircuitComplaint,
	{ places, duty, configuration }: { places: (string | undefined)[]; duty: number; configuration: Configuration }
): CircuitRemedy {
	const { channel } = complaint;
	const ohms = loadOhms(accessory) ?? Infinity;
	const parts = places.map((socket) =>
		fittedPart(accessory, configuration, { channel, ...(socket ? { socket } : {}) })
	);
	return {
		id: `load ${accessory.id} ${channel} x${parts.length}`,
		kind: 'load',
		label: `${parts.length > 1 ? `${parts.length} x ` : ''}${accessory.name ?? accessory.id} on the ${outputName(configuration, channel)}`,
		parts,
		back: [],
		scope: places[0] === undefined ? 'channel' : 'lamp',
		heatWatts: ((parts.length * supplyOf(configuration).charging ** 2) / ohms) * duty,
		minutes: strategyOf(accessory).minutes * parts.length,
		caution: strategyOf(accessory).caution
	};
}

/** Resistors and made-up harnesses from the stock that may carry the load, one for the channel or one per converted lamp. */
export const load: RemedyOffer = (complaint, given) => {
	if (!CURED.has(complaint.kind)) return null;
	const { circuit, shop } = given;
	const { configuration } = circuit;
	const channel = circuit.channels.get(complaint.channel);
	const sockets = converted(complaint, given);
	if (!channel || sockets.length === 0)
		return {
			kind: 'load',
			label: LABEL,
			why: 'every lamp on this output is the stock one: look for an old fault first'
		};
	const duty = Math.max(...channel.feeds.map((feed) => lampFunction(feed.function).duty));
	const categories = sockets.flatMap(
		(id) => categoryOrNull(configuration.sockets.find((s) => s.id === id)?.category) ?? []
	);
	const need = { kind: 'load', channel: channel.id, duty } as const;
	const able = shop.accessories.filter((a) => loadOhms(a) !== null && answers(a, need, configuration));
	const fitting = able.filter((a) => categories.some((category) => suits(a, category, configuration)));
	if (fitting.length === 0)
		return {
			kind: 'load',
			label: LABEL,
			why: 'no load on sale may carry this heat: it would have to be rated at twice its average'
		};
	return fitting.flatMap((accessory) => {
		const one = offer(accessory, complaint, {
			places: [accessory.scope === 'lamp' ? sockets[0] : undefined],
			duty,
			configuration
		});
		return accessory.scope === 'lamp' && sockets.length > 1
			? [one, offer(accessory, complaint, { places: sockets, duty, configuration })]
			: [one];
	});
};
