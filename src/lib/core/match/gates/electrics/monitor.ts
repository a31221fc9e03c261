import { lampFunction } from '../../../lamps';
import { channelLoad, type ChannelCase, type ProductCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** LED load on every channel that feeds the socket against the channel's monitor or flasher. Stock lamps are counted as they are. */
export const monitorRule: Rule = ({ channels }, product) =>
	channels.length === 0
		? finding('unknown', 'electrics.no-channel', null, { source: { kind: 'record', fact: 'channels', evidence: null } })
		: channels.map((channel) => judge(channel, product));

function judge(c: ChannelCase, { product, lamp }: ProductCase): Finding {
	const { threshold } = c;
	const channel = c.channel.id;
	const by = { source: { kind: 'channel', channel } as const };
	if (threshold.kind === 'none') return finding('pass', 'electrics.unmonitored', { channel }, by);
	if (lamp === 'filament') return finding('pass', 'electrics.filament', { channel }, by);
	if (threshold.kind === 'unknown')
		return finding('unknown', 'electrics.monitor-unknown', { channel, missing: threshold.missing }, by);
	if (!c.others) return finding('unknown', 'electrics.others-unknown', { channel }, by);
	const load = channelLoad(c, product);
	if (!load) return finding('unknown', 'electrics.power-unknown', null, { source: MAKER });
	const need = { kind: 'load' as const, channel, duty: lampFunction(c.function).duty };
	if (threshold.kind === 'conductance') {
		const data = { channel, ohms: load.conductance > 0 ? 1 / load.conductance : null, atMost: 1 / threshold.atLeast };
		return load.conductance >= threshold.atLeast
			? finding('pass', 'electrics.cold-content', data, by)
			: finding('needs', 'electrics.cold', data, { ...by, need });
	}
	const data = {
		channel,
		present: load.current,
		atLeast: threshold.atLeast,
		lamps: c.same.length,
		message: c.channel.message ?? null
	};
	if (load.current >= threshold.atLeast) return finding('pass', 'electrics.content', data, by);
	return finding('needs', `electrics.${threshold.by}`, data, { ...by, need });
}
