import { smoothingHelps } from '../../../circuit';
import { finding, type Finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** A pulsed feed: a smoothing module where pulses limit the voltage, a trial by hand where they carry the brightness. */
export const pulsedFeedRule: Rule = ({ channels }, { lamp }) => {
	if (lamp === 'filament') return null;
	return channels.flatMap(({ channel, function: id }): Finding[] => {
		const { feed } = channel;
		const by = { source: { kind: 'channel', channel: channel.id } as const };
		if (!feed) return [finding('electrics.feed-unknown', { channel: channel.id }, { ...by, level: 'unknown' })];
		if (feed.kind !== 'pwm') return [];
		const duty = feed.duty?.[id];
		if (duty === undefined)
			return [finding('electrics.pwm-unknown', { channel: channel.id }, { ...by, level: 'unknown' })];
		const data = { channel: channel.id, frequency: feed.frequency ?? null, duty };
		return smoothingHelps(duty)
			? [finding('electrics.pwm', data, { level: 'needs', ...by, need: { kind: 'pwm-module' } })]
			: [finding('electrics.pwm-meaning', data, { ...by, level: 'unknown' })];
	});
};
