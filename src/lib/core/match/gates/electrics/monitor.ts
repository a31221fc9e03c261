import { lampFunction } from '../../../lamps';
import { channelLoad, type ChannelCase, type ProductCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** LED load on every channel that feeds the socket against the channel's monitor or flasher. Stock lamps are counted as they are. */
export const monitorRule: Rule = ({ channels }, product) =>
	channels.length === 0
		? finding('electrics.no-channel', null, {
				level: 'unknown',
				source: { kind: 'record', fact: 'channels', evidence: null }
			})
		: channels.map((channel) => judge(channel, product));

function judge(c: ChannelCase, { product, lamp }: ProductCase): Finding {
	const { threshold } = c;
	const channel = c.channel.id;
	const by = { source: { kind: 'channel', channel } as const };
	if (threshold.kind === 'none') return finding('electrics.unmonitored', { channel }, { ...by, level: 'pass' });
	if (lamp === 'filament') return finding('electrics.filament', { channel }, { ...by, level: 'pass' });
	if (threshold.kind === 'unknown')
		return finding('electrics.monitor-unknown', { channel, missing: threshold.missing }, { ...by, level: 'unknown' });
	if (!c.others) return finding('electrics.others-unknown', { channel }, { ...by, level: 'unknown' });
	const load = channelLoad(c, product);
	if (!load) return finding('electrics.power-unknown', null, { level: 'unknown', source: MAKER });
	const need = { kind: 'load' as const, channel, duty: lampFunction(c.function).duty };
	if (threshold.kind === 'conductance') {
		const data = { channel, ohms: load.conductance > 0 ? 1 / load.conductance : null, atMost: 1 / threshold.atLeast };
		return load.conductance >= threshold.atLeast
			? finding('electrics.cold-content', data, { ...by, level: 'pass' })
			: finding('electrics.cold', data, { level: 'needs', ...by, need });
	}
	const data = {
		channel,
		present: load.current,
		atLeast: threshold.atLeast,
		lamps: c.same.length,
		message: c.channel.message ?? null
	};
	if (load.current >= threshold.atLeast) return finding('electrics.content', data, { ...by, level: 'pass' });
	return finding(`electrics.${threshold.by}`, data, { level: 'needs', ...by, need });
}
