import type { Channel, Configuration, Flasher } from '../model';
import { outputTitle } from '../vehicle';
import { edited, gone, type Edit } from './edit';

/** Writes a channel, new or in place of the one with its id. */
export function putChannel(channel: Channel, formerId: Channel['id'] = channel.id): Edit {
	return (configuration) => {
		const there = configuration.channels.some((c) => c.id === formerId);
		const channels = there
			? configuration.channels.map((c) => (c.id === formerId ? channel : c))
			: [...configuration.channels, channel];
		const after = { ...configuration, channels };
		return edited(after, `${outputTitle(after, channel.id)}: output ${there ? 'changed' : 'added'}`);
	};
}

/** Takes a channel out; its sockets are then fed by nothing known. */
export function removeChannel(id: Channel['id']): Edit {
	return (configuration) => {
		const channels = configuration.channels.filter((c) => c.id !== id);
		if (channels.length === configuration.channels.length) return gone(`The output “${id}”`);
		return edited({ ...configuration, channels }, `${outputTitle(configuration, id)}: output taken out`);
	};
}

/** Writes what makes the turn lamps flash; null when nobody knows. */
export function putFlasher(flasher: Flasher | null): Edit {
	return (configuration) => {
		const { flasher: _old, ...rest } = configuration;
		const next = (flasher ? { ...rest, flasher } : rest) as Configuration;
		return edited(next, flasher ? `Flasher: ${flasher.kind.replace('-', ' ')}` : 'Flasher not known');
	};
}
