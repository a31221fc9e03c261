/** Where a shortcut works, in words, in the order of the sheet. */
export const PLACES = [
	'everywhere',
	'lists',
	'the rota',
	'the walk-line',
	'a record',
	'candidates',
	'Circuit',
	'a mode test',
	'ask after',
	'the interchange map',
	'an exercise'
] as const;

/** One thing the keyboard does. */
export interface Shortcut {
	where: (typeof PLACES)[number];
	/** Ways to press it: a key, `ctrl+` before it, or two keys one after the other. */
	keys: readonly string[];
	/** What it does, in words. */
	does: string;
	/** The room it leads to. */
	to?:
		| '/'
		| '/vehicles'
		| '/kits'
		| '/stock'
		| '/cover'
		| '/questions'
		| '/complaints'
		| '/practice'
		| '/reference'
		| '/settings';
}

/** Every shortcut. Handlers, hints and the sheet come from here; a new one is an entry here and, where it leads to no room, its handler. */
export const SHORTCUTS = {
	bar: { where: 'everywhere', keys: ['ctrl+k'], does: 'the command bar: any vehicle, socket, product, kit, page' },
	line: { where: 'everywhere', keys: ['/'], does: 'to the line of the page (search, walk), or to the counter' },
	counter: { where: 'everywhere', keys: ['g c'], does: 'Counter', to: '/' },
	vehicles: { where: 'everywhere', keys: ['g v'], does: 'Vehicles', to: '/vehicles' },
	kits: { where: 'everywhere', keys: ['g k'], does: 'Kits', to: '/kits' },
	stock: { where: 'everywhere', keys: ['g s'], does: 'Stock', to: '/stock' },
	cover: { where: 'everywhere', keys: ['g o'], does: 'Cover', to: '/cover' },
	questions: { where: 'everywhere', keys: ['g q'], does: 'Questions', to: '/questions' },
	complaints: { where: 'everywhere', keys: ['g p'], does: 'Complaints', to: '/complaints' },
	practice: { where: 'everywhere', keys: ['g l'], does: 'Practice', to: '/practice' },
	reference: { where: 'everywhere', keys: ['g r'], does: 'Reference', to: '/reference' },
	settings: { where: 'everywhere', keys: ['g t'], does: 'Settings', to: '/settings' },
	help: { where: 'everywhere', keys: ['?'], does: 'help for the page, and its keys' },
	'list-down': { where: 'lists', keys: ['ArrowDown'], does: 'to the next answer or row' },
	'list-up': { where: 'lists', keys: ['ArrowUp'], does: 'to the one before' },
	'list-open': { where: 'lists', keys: ['Enter'], does: 'open it' },
	'rota-next': { where: 'the rota', keys: ['ArrowRight'], does: 'walk round a ring, clockwise' },
	'rota-previous': { where: 'the rota', keys: ['ArrowLeft'], does: 'walk round it the other way' },
	'rota-outward': { where: 'the rota', keys: ['ArrowUp'], does: 'step to the ring outside' },
	'rota-inward': { where: 'the rota', keys: ['ArrowDown'], does: 'step to the ring inside' },
	'rota-first': { where: 'the rota', keys: ['Home'], does: 'first socket of the ring' },
	'rota-last': { where: 'the rota', keys: ['End'], does: 'last socket of the ring' },
	'rota-open': { where: 'the rota', keys: ['Enter', ' '], does: 'open the socket' },
	'offer-down': { where: 'the walk-line', keys: ['ArrowDown'], does: 'next completion' },
	'offer-up': { where: 'the walk-line', keys: ['ArrowUp'], does: 'completion before' },
	'offer-take': { where: 'the walk-line', keys: ['Tab', 'Enter'], does: 'take the completion' },
	'line-add': { where: 'the walk-line', keys: ['Enter'], does: 'add the line' },
	'offer-close': { where: 'the walk-line', keys: ['Escape'], does: 'close the completions' },
	undo: { where: 'a record', keys: ['ctrl+z'], does: 'take the last change of the record back' },
	redo: { where: 'a record', keys: ['ctrl+y', 'ctrl+shift+z'], does: 'bring it again' },
	compare: { where: 'candidates', keys: ['c'], does: 'compare the lamp, or leave it out again' },
	'switch-1': { where: 'Circuit', keys: ['1'], does: 'first switch of the list; each has its key beside it' },
	'choice-1': { where: 'an exercise', keys: ['1'], does: 'first answer of the list; each has its number beside it' },
	'exercise-next': { where: 'an exercise', keys: ['n'], does: 'on to the next exercise, once it is answered' },
	'test-expected': { where: 'a mode test', keys: ['a'], does: 'as expected, on to the next mode' },
	'test-otherwise': { where: 'a mode test', keys: ['o'], does: 'something else was seen' },
	'test-tap': { where: 'a mode test', keys: ['t'], does: 'tap along with the flashing' },
	'ask-fine': { where: 'ask after', keys: ['f'], does: 'still fine' },
	'ask-nobody': { where: 'ask after', keys: ['n'], does: 'nobody reached' },
	'ask-wrong': { where: 'ask after', keys: ['w'], does: 'something is wrong: write it down' },
	'map-down': { where: 'the interchange map', keys: ['ArrowDown'], does: 'next category of the side' },
	'map-up': { where: 'the interchange map', keys: ['ArrowUp'], does: 'category before' },
	'map-in': { where: 'the interchange map', keys: ['ArrowLeft'], does: 'to what goes into it' },
	'map-out': { where: 'the interchange map', keys: ['ArrowRight'], does: 'to what it goes into' },
	'map-open': { where: 'the interchange map', keys: ['Enter', ' '], does: 'walk to the category' }
} as const satisfies Record<string, Shortcut>;

export type ShortcutId = keyof typeof SHORTCUTS;

/** The keys of the switches of a vehicle, in their order. */
export const SWITCH_KEYS: readonly string[] = [...'1234567890-'];

const WORDS: Readonly<Record<string, string>> = {
	ArrowUp: '↑',
	ArrowDown: '↓',
	ArrowLeft: '←',
	ArrowRight: '→',
	' ': 'Space',
	Escape: 'Esc'
};

/** A way to press a shortcut, as people read it. @example keyText('ctrl+z') // "Ctrl Z" */
export function keyText(way: string): string {
	return way === ' '
		? 'Space'
		: way
				.split(/[+ ]/)
				.map((part) => WORDS[part] ?? (part.length > 1 ? part.charAt(0).toUpperCase() + part.slice(1) : part))
				.map((part, i, all) => (all[0] === 'Ctrl' && i > 0 && part.length === 1 ? part.toUpperCase() : part))
				.join(' ');
}

/** What of a keyboard event a shortcut looks at. */
export type Press = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey'>;

/** True when a single press is a way to press a shortcut. Control and command count alike. */
export function isPressed(id: ShortcutId, press: Press): boolean {
	if (press.altKey) return false;
	const held = press.ctrlKey || press.metaKey;
	return SHORTCUTS[id].keys.some((way: string) => {
		const parts = way === ' ' ? [' '] : way.split('+');
		const key = parts.at(-1) ?? '';
		const wantsShift = parts.includes('shift');
		return (
			held === parts.includes('ctrl') &&
			(!held || press.shiftKey === wantsShift) &&
			(key.length === 1 ? press.key.toLowerCase() === key : press.key === key)
		);
	});
}

/** The handler among several that a press asks for; the first one that matches. */
export function pressed<T extends ShortcutId>(press: Press, ids: readonly T[]): T | null {
	return ids.find((id) => isPressed(id, press)) ?? null;
}

/** The room that a key after `g` leads to; null when there is none. */
export function roomAfterLeader({ key }: Pick<Press, 'key'>): Shortcut['to'] | null {
	const found = Object.values(SHORTCUTS).find(({ keys }) => (keys as readonly string[]).includes(`g ${key}`));
	return found && 'to' in found ? found.to : null;
}

/** True when somebody is typing, so that letters are letters. */
export function isTyping(target: EventTarget | null): boolean {
	return (
		target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
	);
}
