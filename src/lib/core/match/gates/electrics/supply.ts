import { turnOnOf } from '../../../circuit';
import { supplyAt } from '../../../vehicle';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** What a lamp works on against the supply of the vehicle, from engine off to charging. */
export const supplyRule: Rule = ({ configuration, voltage }, { product, lamp }) => {
	if (voltage === null)
		return finding(
			'electrics.supply-unknown',
			{ kind: configuration.kind },
			{ level: 'unknown', source: { kind: 'record', fact: 'voltage', evidence: null } }
		);
	const { nominal, rest, running, charging } = supplyAt(voltage);
	const { volts } = product;
	const data = { supply: nominal, rest, charging, from: volts?.[0] ?? null, to: volts?.[1] ?? null };
	const by = { source: MAKER };
	if (!volts) {
		// A lamp that names no range is made for 12 V, as nearly all are; one for another supply says so.
		if (nominal !== 12)
			return lamp === 'filament' ? null : finding('electrics.range-unknown', data, { ...by, level: 'unknown' });
	} else if (volts[0] === volts[1]) {
		if (volts[0] !== nominal) return finding('electrics.range-outside', data, { ...by, level: 'refuse' });
	} else {
		if (volts[0] > rest || volts[1] < running)
			return finding('electrics.range-outside', data, { ...by, level: 'refuse' });
		if (volts[1] < charging) return finding('electrics.range-short', data, { ...by, level: 'unknown' });
	}
	const turnOn = turnOnOf(product);
	if (lamp === 'led' && turnOn > rest)
		return finding('electrics.dark', { ...data, from: turnOn }, { ...by, level: 'refuse' });
	return nominal === 12 && !volts ? null : finding('electrics.range-inside', data, { ...by, level: 'pass' });
};
