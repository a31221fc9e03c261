import { WIRE_SHARE } from '../../../circuit';
import { lampFunction } from '../../../lamps';
import { channelLoad, triedOn, unfedContacts, type ChannelCase, type ProductCase, type SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER, type FindingSource } from '../../findings/source';
import type { Rule } from '../rule';
import { wayOut } from './way-out';

/**
 * LED load on every channel that feeds the socket against the channel's monitor or flasher, at the lowest and at the highest supply. Stock
 * lamps are counted as they are. A contact that no output is known to feed is not known.
 */
export const monitorRule: Rule = (socket, product) => {
	const { channels, socket: place, category } = socket;
	if (product.lamp === 'filament') return filamentFindings(socket);
	const unfed = unfedContacts({ socket: place, category }, channels);
	return [
		...unfed.map(({ functions }) =>
			finding(
				'electrics.no-channel',
				{ functions },
				{ level: 'unknown', source: { kind: 'record', fact: 'channels', evidence: null } }
			)
		),
		...channels.flatMap((channel) => {
			const found = afterTests(socket, channel, { product, found: judge(socket, channel, product) });
			return found.need ? [found, ...wayOut(socket, product.product, 'load')] : [found];
		})
	];
};

/** A filament lamp is what the socket was made for, whatever is known of its outputs. */
function filamentFindings({ channels }: SocketCase): Finding[] {
	const [first] = channels;
	return [
		finding(
			'electrics.filament',
			{ channel: first && !first.channel.assumed ? first.channel.id : null },
			{ level: 'pass', source: { kind: 'usual-practice' } }
		)
	];
}

/** Where what is known of an output comes from: the record, a look at the whole vehicle, or practice. */
export function outputSource({ configuration }: SocketCase, { channel }: ChannelCase): FindingSource {
	switch (channel.assumed) {
		case undefined:
			return { kind: 'channel', channel: channel.id };
		case 'look':
			return {
				kind: 'look',
				evidence: configuration.evidence?.find((e) => e.fact.startsWith('looks') && !e.overruled) ?? null
			};
		case 'practice':
			return { kind: 'usual-practice' };
		default:
			return channel.assumed satisfies never;
	}
}

/**
 * What tests of every mode on this vehicle make of a finding: the message that came speaks against any reckoning, the one that never came
 * answers what nobody could reckon.
 */
function afterTests(
	s: SocketCase,
	c: ChannelCase,
	{ product, found }: { product: ProductCase; found: Finding }
): Finding {
	const tried = triedOn(s, product, c);
	const data = { channel: c.channel.id, ...tried, message: c.channel.message ?? null };
	const by = { source: { kind: 'mode-test' } as const };
	if (tried.complained > 0 && found.level === 'pass')
		return finding('electrics.tried-message', data, { ...by, level: 'unknown' });
	if (tried.quiet > 0 && tried.complained === 0 && found.level !== 'pass')
		return finding('electrics.tried-quiet', data, { ...by, level: 'pass' });
	return found;
}

function judge(s: SocketCase, c: ChannelCase, { product }: ProductCase): Finding {
	const { threshold } = c;
	const channel = c.channel.id;
	const by = { source: outputSource(s, c) };
	if (threshold.kind === 'none') return finding('electrics.unmonitored', { channel }, { ...by, level: 'pass' });
	if (threshold.kind === 'unknown')
		return finding('electrics.monitor-unknown', { channel, missing: threshold.missing }, { ...by, level: 'unknown' });
	if (!c.others) return finding('electrics.others-unknown', { channel }, { ...by, level: 'unknown' });
	const load = channelLoad(c, product, s.category);
	if (!load) return finding('electrics.power-unknown', null, { level: 'unknown', source: MAKER });
	const duty = Math.max(...c.functions.map((fn) => lampFunction(fn).duty));
	const need = { kind: 'load' as const, channel, duty };
	if (threshold.kind === 'conductance') {
		const data = { channel, ohms: load.conductance > 0 ? 1 / load.conductance : null, atMost: 1 / threshold.atLeast };
		return load.conductance >= threshold.atLeast
			? finding('electrics.cold-content', data, { ...by, level: 'pass' })
			: finding('electrics.cold', data, { level: 'needs', ...by, need });
	}
	const [volts, present, atLeast] = tightest(c, load.current, threshold.atLeast);
	const data = { channel, present, atLeast, volts, lamps: c.same.length, message: c.channel.message ?? null };
	if (present >= atLeast) return finding('electrics.content', data, { ...by, level: 'pass' });
	if (c.channel.assumed) return finding('electrics.flasher-assumed', data, { level: 'needs', ...by, need });
	return finding(`electrics.${threshold.by}`, data, { level: 'needs', ...by, need });
}

/**
 * The supply at which an output comes nearest to complaining: V, what it draws there and what it is asked for, A. Fuse, wire and contacts take
 * a part of it; what the stock lamps do not reach is not asked of another lamp.
 */
function tightest({ stock, supply }: ChannelCase, current: readonly [number, number], asked: number) {
	const at = [0, 1].map((i): [number, number, number] => [
		supply.volts[i] ?? 0,
		current[i] ?? 0,
		Math.min(asked * WIRE_SHARE, stock?.current[i] ?? Infinity)
	]);
	return at.reduce((worst, one) => (one[1] - one[2] < worst[1] - worst[2] ? one : worst));
}
