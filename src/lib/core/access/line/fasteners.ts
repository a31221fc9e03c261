import type { Fastener } from '../../model';
import { DRIVES, FASTENERS } from './vocabulary';

const COUNT = /^(\d{1,2}) ?x ?|^x ?(\d{1,2}) |^(\d{1,2}) (?!mm\b)/;
const MILLIMETRES = /\b(\d{1,2}(?:\.\d)?) ?mm\b/;
const TORX = /\bt(\d{1,2})\b/;
const CROSS = /\b(p[hz]\d)\b/;
const THREAD = /\b(m\d{1,2})\b|\binto (metal|plastic)\b/;
const HIDDEN = /\bhidden\b ?(.*)$/;
const APART = /\b(?:keep |kept )?apart\b/;

const own = <T>(table: Readonly<Record<string, T>>, key: string): T | undefined =>
	Object.hasOwn(table, key) ? table[key] : undefined;

/** Takes what a pattern finds out of a text. */
function taken(text: string, pattern: RegExp): { found: RegExpExecArray | null; rest: string } {
	const found = pattern.exec(text);
	return { found, rest: found ? `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}` : text };
}

/** Takes the first word a table knows, one or many of it, out of some words. */
function takeWord(words: string[], table: Readonly<Record<string, string>>): string | undefined {
	const at = words.findIndex((word) => own(table, word) ?? own(table, word.replace(/s$/, '')));
	const [word] = at < 0 ? [] : words.splice(at, 1);
	return word === undefined ? undefined : (own(table, word) ?? own(table, word.replace(/s$/, '')));
}

/**
 * Reads one kind of fastener; null where the words name none.
 * @example readFastener('2x 10 mm bolt top') // { kind: 'bolt', count: 2, drive: 'hex', size: '10 mm', note: 'top' }
 */
export function readFastener(text: string): Fastener | null {
	const hidden = taken(text.toLowerCase().trim(), HIDDEN);
	const apart = taken(hidden.rest, APART);
	const count = taken(apart.rest.trim(), COUNT);
	const thread = taken(count.rest, THREAD);
	const torx = taken(thread.rest, TORX);
	const cross = taken(torx.rest, CROSS);
	const millimetres = taken(cross.rest, MILLIMETRES);
	const words = millimetres.rest.split(/\s+/).filter(Boolean);
	const kind = takeWord(words, FASTENERS);
	const drive = takeWord(words, DRIVES);
	const size = torx.found
		? `T${torx.found[1]}`
		: cross.found
			? cross.found[0].toUpperCase()
			: millimetres.found
				? `${millimetres.found[1]} mm`
				: undefined;
	if (kind === undefined && size === undefined) return null;
	const number = count.found?.slice(1).find(Boolean);
	const byShape = torx.found ? 'Torx' : cross.found ? 'cross' : millimetres.found ? 'hex' : undefined;
	const usedDrive = drive ?? byShape;
	const where = hidden.found?.[1]?.trim();
	return {
		kind: kind ?? (torx.found || cross.found ? 'screw' : 'bolt'),
		count: number === undefined ? 1 : Math.max(1, Number(number)),
		...(usedDrive === undefined ? {} : { drive: usedDrive }),
		...(size === undefined ? {} : { size }),
		...(thread.found ? { thread: thread.found[1]?.toUpperCase() ?? `into ${thread.found[2]}` } : {}),
		...(apart.found ? { apart: true } : {}),
		...(hidden.found ? { hidden: where || true } : {}),
		...(words.length > 0 ? { note: words.join(' ') } : {})
	};
}

/** The tools that some fasteners ask for. @example toolsFor([{ kind: 'bolt', size: '10 mm' }]) // ["10 mm socket"] */
export function toolsFor(fasteners: readonly Fastener[]): string[] {
	const tools = fasteners.flatMap(({ kind, drive, size }): string[] => {
		if (drive === 'hex socket') return [`${size ?? ''} hex key`.trim()];
		if (drive === 'cross' || drive === 'slotted') return [`${drive} driver`];
		if (typeof size === 'string' && size.startsWith('T')) return [`${size} driver`];
		if (size !== undefined) return [`${size} socket`];
		return kind === 'clip' || kind === 'pin' || kind === 'tab' ? ['trim tool'] : [];
	});
	return [...new Set(tools)];
}

/** A fastener in words. @example fastenerText({ kind: 'bolt', count: 2, size: '10 mm', note: 'top' }) // "2 x bolt 10 mm, top" */
export function fastenerText({ kind, count, drive, size, thread, apart, hidden, note }: Fastener): string {
	const what = [kind, drive && !String(size ?? '').startsWith('T') ? drive : '', size === undefined ? '' : String(size)]
		.filter(Boolean)
		.join(' ');
	const more = [
		note ?? '',
		thread === undefined ? '' : String(thread),
		hidden === undefined || hidden === false ? '' : hidden === true ? 'hidden' : `hidden ${hidden}`,
		apart === undefined || apart === false ? '' : apart === true ? 'keep apart' : `keep apart: ${apart}`
	].filter(Boolean);
	return [count === undefined ? what : `${count} x ${what}`, ...more].join(', ');
}
