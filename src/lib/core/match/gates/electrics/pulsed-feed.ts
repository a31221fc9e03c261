import { holdUpCapacitance, ledCurrent, smoothingHelps, smoothingInBox, turnOnOf, WIRE_SHARE } from '../../../circuit';
import type { Product } from '../../../model';
import type { ChannelCase, SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';
import { outputSource } from './monitor';
import { wayOut } from './way-out';

/** A pulsed feed: an anti-flicker module where pulses limit the voltage, a trial by hand where they carry the brightness. */
export const pulsedFeedRule: Rule = (s, { lamp, product }) => {
	if (lamp === 'filament') return null;
	const inBox = smoothingInBox(product);
	return s.channels.flatMap((c) => judge(s, c, { inBox, product }));
};

function judge(
	s: SocketCase,
	c: ChannelCase,
	{ inBox, product }: { inBox: number | null; product: Product }
): Finding[] {
	const { feed, id: channel } = c.channel;
	const by = { source: outputSource(s, c) } as const;
	if (!feed) return [finding('electrics.feed-unknown', { channel }, { ...by, level: 'unknown' })];
	if (feed.kind !== 'pwm') return [];
	const duties = c.functions.map((fn) => feed.duty?.[fn]);
	// The darkest of the functions is the one that suffers from a capacitor.
	const duty = duties.includes(undefined) ? undefined : Math.min(...duties.map((d) => d ?? 1));
	const known = { channel, frequency: feed.frequency ?? null };
	if (c.twoDuties) {
		const least = Math.min(...duties.map((d) => d ?? 1));
		return [
			finding(
				'electrics.pwm-two-duties',
				{ ...known, duty: least },
				{ ...by, level: inBox === null ? 'unknown' : 'refuse' }
			)
		];
	}
	if (duty === undefined) return [finding('electrics.pwm-unknown', { channel }, { ...by, level: 'unknown' })];
	if (duty === 1) return [];
	const data = { ...known, duty };
	if (!smoothingHelps(duty))
		return [
			inBox !== null
				? finding('electrics.pwm-box-harms', data, { ...by, level: 'refuse' })
				: finding('electrics.pwm-meaning', data, { ...by, level: 'unknown' })
		];
	const least = leastFarads(s, c, { product, duty });
	return inBox !== null && inBox >= (least.farads ?? 0)
		? [finding('electrics.pwm-in-box', data, { level: 'pass', source: MAKER })]
		: [
				finding('electrics.pwm', data, { level: 'needs', ...by, need: { kind: 'pwm-module', ...least } }),
				...wayOut(s, product, 'module')
			];
}

/** The least capacitance that holds a lamp lit through the gaps of its pulses with the engine off; nothing where a number is missing. */
function leastFarads(
	{ category }: SocketCase,
	{ channel, own, supply }: ChannelCase,
	{ product, duty }: { product: Product; duty: number }
): { farads?: number } {
	const hertz = channel.feed?.kind === 'pwm' ? channel.feed.frequency : undefined;
	const [volts] = supply.volts;
	const amperes = Math.max(
		...own.map((role) => ledCurrent(product, role, { nominal: supply.nominal, category, volts }) ?? 0)
	);
	const sag = volts / WIRE_SHARE - turnOnOf(product);
	if (!hertz || sag <= 0) return {};
	return { farads: holdUpCapacitance({ amperes: amperes * WIRE_SHARE, secondsOff: (1 - duty) / hertz, sag }) };
}
