import { smoothingHelps } from '../../../circuit';
import { finding, type Finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** A pulsed feed: a smoothing module where pulses limit the voltage, a trial by hand where they carry the brightness. */
export const pulsedFeedRule: Rule = ({ channels }, { lamp }) => {
	if (lamp === 'filament') return null;
	return channels.flatMap(({ channel, function: id }): Finding[] => {
		const { feed } = channel;
		const source = `channel ${channel.id} of the vehicle record`;
		if (!feed) return [finding('unknown', 'electrics.feed-unknown', { channel: channel.id }, source)];
		if (feed.kind !== 'pwm') return [];
		const duty = feed.duty?.[id];
		if (duty === undefined) return [finding('unknown', 'electrics.pwm-unknown', { channel: channel.id }, source)];
		const frequency = feed.frequency === undefined ? 'frequency not known' : `${feed.frequency} Hz`;
		const data = { channel: channel.id, frequency, duty };
		return smoothingHelps(duty)
			? [finding('needs', 'electrics.pwm', data, source, { kind: 'pwm-module' })]
			: [finding('unknown', 'electrics.pwm-meaning', data, source)];
	});
};
