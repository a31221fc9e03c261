import { describe, expect, it } from 'vitest';
import {
	isPressed,
	keyText,
	PLACES,
	pressed,
	roomAfterLeader,
	SHORTCUTS,
	type Press,
	type ShortcutId
} from './shortcuts';

const press = (key: string, more: Partial<Press> = {}): Press => ({
	key,
	ctrlKey: false,
	metaKey: false,
	altKey: false,
	shiftKey: false,
	...more
});

describe('a press', () => {
	it.each([
		['undo', press('z', { ctrlKey: true }), true],
		['undo', press('Z', { metaKey: true }), true],
		['undo', press('z', { ctrlKey: true, shiftKey: true }), false],
		['undo', press('z'), false],
		['redo', press('z', { ctrlKey: true, shiftKey: true }), true],
		['redo', press('y', { ctrlKey: true }), true],
		['compare', press('C'), true],
		['compare', press('c', { ctrlKey: true }), false],
		['help', press('?', { shiftKey: true }), true],
		['rota-open', press(' '), true],
		['rota-open', press('Enter', { altKey: true }), false]
	] as [ShortcutId, Press, boolean][])('for %s %o: %s', (id, event, expected) =>
		expect(isPressed(id, event)).toBe(expected)
	);

	it('asks for the first of several it may mean', () => {
		expect(pressed(press('Enter'), ['offer-take', 'line-add'])).toBe('offer-take');
		expect(pressed(press('x'), ['offer-take', 'line-add'])).toBeNull();
	});

	it('after g leads to a room, or nowhere', () => {
		expect([roomAfterLeader({ key: 'k' }), roomAfterLeader({ key: 'x' })]).toEqual(['/kits', null]);
	});
});

describe('the registry', () => {
	it('says every key once for its place, and every place holds one', () => {
		const all = Object.values(SHORTCUTS);
		for (const where of PLACES) {
			const ways = all.filter((s) => s.where === where).flatMap((s) => s.keys as readonly string[]);
			expect(ways.length, where).toBeGreaterThan(0);
			// Enter takes a completion while one is chosen, and adds the line otherwise.
			if (where !== 'the walk-line') expect(new Set(ways).size, where).toBe(ways.length);
		}
	});

	it.each([
		['ctrl+z', 'Ctrl Z'],
		['ctrl+shift+z', 'Ctrl Shift Z'],
		['g c', 'g c'],
		['ArrowDown', '↓'],
		[' ', 'Space']
	])('%s reads %s', (way, text) => expect(keyText(way)).toBe(text));
});
