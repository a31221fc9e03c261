import { MODE_IDS, type ChannelState } from '../../circuit';
import type { Simulations } from '../scene/simulations';
import { ledsIn } from './cause';

/** Outputs with an LED on them that complain in some mode as recorded and fitted, without any fault. */
export function complainingAsRecorded(simulations: Simulations): ChannelState[] {
	const { scene, recorded } = simulations;
	const leds = new Set<string>(ledsIn(scene).map(({ socket }) => socket.id));
	const withLeds = new Set<string>(
		scene.configuration.channels.filter(({ feeds }) => feeds.some((f) => leds.has(f.socket))).map(({ id }) => id)
	);
	const found = new Map<string, ChannelState>();
	for (const mode of MODE_IDS)
		for (const channel of recorded(mode, 'cold').channels)
			if (channel.monitor === 'complains' && withLeds.has(channel.id)) found.set(channel.id, channel);
	return [...found.values()];
}
