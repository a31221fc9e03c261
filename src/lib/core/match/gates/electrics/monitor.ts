import { lampFunction } from '../../../lamps';
import { channelLoad, type ChannelCase, type ProductCase } from '../../cases/cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER_DATA, type Rule } from '../rule';

/** LED load on every channel that feeds the socket against the channel's monitor or flasher. Stock lamps are counted as they are. */
export const monitorRule: Rule = ({ channels }, product) =>
	channels.length === 0
		? finding('unknown', 'electrics.no-channel', null, 'vehicle record')
		: channels.map((channel) => judge(channel, product));

function judge(c: ChannelCase, { product, lamp }: ProductCase): Finding {
	const { demand } = c;
	const channel = c.channel.id;
	const source = `channel ${channel} of the vehicle record`;
	if (demand.kind === 'none') return finding('pass', 'electrics.unmonitored', { channel }, source);
	if (lamp === 'filament') return finding('pass', 'electrics.filament', { channel }, source);
	if (demand.kind === 'unknown')
		return finding('unknown', 'electrics.monitor-unknown', { channel, missing: demand.missing }, source);
	if (!c.others) return finding('unknown', 'electrics.others-unknown', { channel }, source);
	const load = channelLoad(c, product);
	if (!load) return finding('unknown', 'electrics.power-unknown', null, MAKER_DATA);
	const remedy = { kind: 'load' as const, channel, duty: lampFunction(c.function).duty };
	if (demand.kind === 'conductance') {
		const ohms = load.conductance > 0 ? `${(1 / load.conductance).toFixed(0)} ohm` : 'an open circuit';
		const data = { channel, ohms, atMost: 1 / demand.atLeast };
		return load.conductance >= demand.atLeast
			? finding('pass', 'electrics.cold-content', data, source)
			: finding('needs', 'electrics.cold', data, source, remedy);
	}
	const message = c.channel.message ? ` ("${c.channel.message}")` : '';
	const data = { channel, present: load.current, atLeast: demand.atLeast, lamps: c.same.length, message };
	if (load.current >= demand.atLeast) return finding('pass', 'electrics.content', data, source);
	return finding('needs', `electrics.${demand.by}`, data, source, remedy);
}
