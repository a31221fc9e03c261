import { FUSE_SHARE } from '../../../circuit';
import { lampFunction } from '../../../lamps';
import { channelLoad, type ChannelCase, type SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import type { Rule } from '../rule';
import { outputSource } from './monitor';

/** A LED that draws more than the lamp it replaces loads fuse, wire and plug more than they were made for. */
export const fuseRule: Rule = (s, { product, lamp }) => {
	if (lamp === 'filament') return null;
	return s.channels.flatMap((c): Finding[] => {
		const load = channelLoad(c, product, s.category);
		return load && c.stock
			? judge(s, c, { drawn: Math.max(...load.current), stock: Math.max(...c.stock.current) })
			: [];
	});
};

function judge(s: SocketCase, c: ChannelCase, { drawn, stock }: { drawn: number; stock: number }): Finding[] {
	if (drawn <= stock) return [];
	const { id: channel, fuse = null } = c.channel;
	const duty = Math.max(...c.functions.map((fn) => lampFunction(fn).duty));
	const data = { channel, drawn, stock, fuse, share: FUSE_SHARE };
	const by = { source: outputSource(s, c) };
	if (fuse === null) return [finding('electrics.draws-more', data, { ...by, level: 'unknown' })];
	return drawn * duty > FUSE_SHARE * fuse
		? [finding('electrics.fuse', data, { ...by, level: 'refuse' })]
		: [finding('electrics.fuse-holds', data, { ...by, level: 'pass' })];
}
