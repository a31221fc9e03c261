import { channelPlace, FLASHER_PLACE, MOUNT_PREFIX, type AccessGraph, type Wanted } from '../access';
import { hasEffect } from '../accessories';
import type { Configuration } from '../model';
import type { Job, PartJob } from './job';

/** Mounts on record, those of one side first when they name it. */
function mounts({ reaching }: AccessGraph, side: string | undefined): string[] {
	const all = [...reaching.keys()].filter((place) => place.startsWith(MOUNT_PREFIX));
	const ofSide = all.filter((place) => side !== undefined && place.toLowerCase().includes(side));
	return ofSide.length > 0 ? ofSide : all;
}

function sideOf({ channels, sockets }: Configuration, { socket, channel }: PartJob['place']): string | undefined {
	const fed = channels.find(({ id }) => id === channel)?.feeds.map((feed) => feed.socket as string) ?? [];
	const sides = new Set(sockets.filter(({ id }) => id === socket || fed.includes(id)).map((s) => s.side));
	const [only, ...others] = sides;
	return others.length === 0 ? only : undefined;
}

/** Places a part touches: its lamp, the flasher it replaces, the output it taps, somewhere to bolt a load to. */
export function placesOfPart(job: Job, graph: AccessGraph, { accessory, place }: PartJob): Wanted[] {
	if (hasEffect(accessory, 'steady-flasher')) return [{ id: FLASHER_PLACE }];
	const found: Wanted[] = [];
	if (place.socket !== undefined) found.push({ id: place.socket });
	if (place.channel !== undefined) {
		const tap = channelPlace(place.channel);
		// An output nobody has recorded is tapped at one of its lamps.
		const fed = job.configuration.channels.find(({ id }) => id === place.channel)?.feeds ?? [];
		const [first] = fed;
		if (graph.reaching.has(tap)) found.push({ id: tap });
		else if (place.socket === undefined && !fed.some((feed) => isServed(job, feed.socket)) && first)
			found.push({ id: first.socket, anyOf: fed.map((feed) => feed.socket) });
	}
	const spots = hasEffect(accessory, 'load') ? mounts(graph, sideOf(job.configuration, place)) : [];
	const [spot] = spots;
	return spot === undefined ? found : [...found, { id: spot, anyOf: spots }];
}

const isServed = ({ lamps }: Job, socket: string) => lamps.some((lamp) => lamp.socket.id === socket);

/** Every place a job touches, each once. */
export function wantedPlaces(job: Job, graph: AccessGraph): Wanted[] {
	const all = [
		...job.lamps.map(({ socket }): Wanted => ({ id: socket.id })),
		...job.parts.flatMap((part) => placesOfPart(job, graph, part))
	];
	return [...new Map(all.map((place) => [place.id, place])).values()];
}
