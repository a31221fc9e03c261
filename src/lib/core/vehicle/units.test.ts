import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration } from '../../../../tests/support/make';
import { demoDocument } from '../../../../tests/support/demo';
import type { Unit } from '../model';
import { isShared, unitIdsOf, unitSocketOf, withoutUnit, withUnit } from '.';

const evidence = [
	{ fact: 'category', source: 'in-hand' },
	{ fact: 'keyAngle', value: 30, source: 'manual' }
];
const socket = makeConfiguration([{ ...LOW_SOCKET, keyAngle: 30, evidence }]).sockets[0]!;
const unit = { id: 'u', name: 'U', sockets: [unitSocketOf(socket, 'Low beam')] } as unknown as Unit;
const member = { ...socket, unit: { id: 'u', place: 'Low beam' } } as typeof socket;
const units = new Map([['u', unit]]);

describe('a shared lamp unit', () => {
	it('keeps what is the same wherever it is fitted, and leaves the key angle to the vehicle', () => {
		expect(unit.sockets[0]).toMatchObject({ place: 'Low beam', category: 'H11', lens: 'clear' });
		expect(unit.sockets[0]).not.toHaveProperty('keyAngle');
		expect(unit.sockets[0]?.evidence).toEqual([{ fact: 'category', source: 'in-hand' }]);
		const own = withoutUnit(member);
		expect(own).not.toHaveProperty('category');
		expect(own).toMatchObject({ keyAngle: 30, evidence: [{ fact: 'keyAngle' }], unit: { id: 'u' } });
	});

	it('taken apart and put together again is the same socket', () => {
		expect(withUnit(withoutUnit(member), units)).toEqual(member);
		expect(withoutUnit(withUnit(withoutUnit(member), units))).toEqual(withoutUnit(member));
	});

	it('its word counts, whatever the vehicle says of the same fact', () => {
		expect(withUnit({ ...member, lens: 'red' }, units).lens).toBe('clear');
		expect([isShared(member, 'envelope.opening'), isShared(member, 'keyAngle'), isShared(socket, 'lens')]).toEqual([
			true,
			false,
			false
		]);
	});

	it('a socket of a unit nobody knows, or of a place it has not, stays as it is', () => {
		expect(withUnit(member, new Map())).toBe(member);
		const elsewhere = { ...member, unit: { id: 'u', place: 'Nowhere' } } as typeof member;
		expect(withUnit(elsewhere, units)).toBe(elsewhere);
		expect(withoutUnit(socket)).toBe(socket);
	});

	it('of the demo is in two vehicles', () => {
		const having = demoDocument().configurations.filter((c) => unitIdsOf(c).includes('repeater-oval'));
		expect(having.map((c) => c.id)).toEqual(['fenholm-skerry-i-2012', 'tarrow-packhorse-2014']);
		for (const c of having) expect(c.sockets.find((s) => s.id === 'repeater-R')?.category).toBe('WY5W');
	});
});
