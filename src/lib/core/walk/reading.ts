import { categoryOrNull, lampFunction, type FunctionId } from '../lamps';
import type { Side, Zone } from '../model';
import { checkDraft } from './checks';
import type { SocketDraft, WalkContext } from './draft';
import { measureTerm } from './measures';
import { missingOf } from './missing';
import { usualSides, usualZone } from './usual-place';
import type { Meaning } from './term';
import { categoryTerm, exactTerm, joinedTerm, LONGEST, unfinishedTerm } from './vocabulary';
import { wordsOf, type Word } from './words';

/** A stretch of the line and what it was taken for; null when it was not understood. */
export interface Taken {
	from: number;
	to: number;
	label: string | null;
	meaning: Meaning | null;
}

/** A line as it was understood. */
export interface WalkReading {
	draft: SocketDraft;
	taken: Taken[];
	/** Why the line cannot be taken as it stands; empty when it can. */
	problems: string[];
	/** What to look at twice. */
	doubts: string[];
	/** What a match would need and the line does not say. */
	missing: string[];
}

/** The side of the vehicle that a driver or passenger sits on. */
export function sideOfRole(role: 'driver' | 'passenger', steering: WalkContext['steering']): 'left' | 'right' {
	const driver = steering ?? 'left';
	if (role === 'driver') return driver;
	return driver === 'left' ? 'right' : 'left';
}

/** The longest run of words from a place in a line that means something; null when none does. */
export function takeAt(words: readonly Word[], at: number): { length: number; meaning: Meaning; label: string } | null {
	for (let length = Math.min(LONGEST, words.length - at); length > 0; length--) {
		const run = words.slice(at, at + length).map((word) => word.text);
		const found =
			exactTerm(run) ?? (length === 1 ? oneWord(run[0] ?? '') : null) ?? categoryTerm(run) ?? measureTerm(run);
		if (found) return { length, meaning: found.meaning, label: found.label };
	}
	const word = words[at]?.text ?? '';
	const last = joinedTerm(word) ?? unfinishedTerm(word);
	return last ? { length: 1, meaning: last.meaning, label: last.label } : null;
}

function oneWord(word: string): { meaning: Meaning; label: string } | null {
	const times = /^(?:x([1-9])|([1-9])x)$/.exec(word);
	if (times) {
		const count = Number(times[1] ?? times[2]);
		return { meaning: { kind: 'count', count }, label: `${count} of them` };
	}
	if (/^#?[1-9]$/.test(word)) {
		const index = Number(word.replace('#', ''));
		return { meaning: { kind: 'index', index }, label: `number ${index}` };
	}
	const watts = /^(\d{1,3}(?:\.\d)?)w$/.exec(word);
	if (watts) return { meaning: { kind: 'watts', watts: Number(watts[1]) }, label: `${watts[1]} W` };
	return measureTerm([word]);
}

function takeAll(line: string): Taken[] {
	const words = wordsOf(line);
	const taken: Taken[] = [];
	for (let at = 0; at < words.length;) {
		const found = takeAt(words, at);
		const length = found?.length ?? 1;
		taken.push({
			from: words[at]?.from ?? 0,
			to: words[at + length - 1]?.to ?? 0,
			label: found?.label ?? null,
			meaning: found?.meaning ?? null
		});
		at += length;
	}
	return taken;
}

interface Gathered {
	draft: SocketDraft;
	problems: string[];
}

function gather(line: string, taken: readonly Taken[], { steering }: Pick<WalkContext, 'steering'>): Gathered {
	const draft: SocketDraft = {
		functions: [],
		zone: null,
		sides: [],
		index: 1,
		facts: {},
		source: null,
		absent: false,
		count: null
	};
	const said = { caps: [] as string[], watts: [] as number[] };
	const problems: string[] = [];
	let ambiguous: Extract<Meaning, { kind: 'function' }> | null = null;
	for (const { meaning, from, to } of taken) {
		const word = line.slice(from, to);
		if (!meaning) {
			problems.push(`“${word}” is not understood.`);
			continue;
		}
		switch (meaning.kind) {
			case 'function':
				// A word for two lamps, such as headlamp, is decided by the lamp that serves both, or by another word.
				if (meaning.ids.length > 1 && !word.includes('/') && !word.includes(' ')) ambiguous = meaning;
				else draft.functions.push(...meaning.ids.filter((id) => !draft.functions.includes(id)));
				if (/repeater|side turn|side ind|mirror|fender|wing/.test(word.toLowerCase()) && meaning.ids[0] === 'turn')
					draft.zone ??= 'side';
				break;
			case 'zone':
				draft.zone = meaning.zone;
				break;
			case 'side':
				draft.zone = meaning.zone ?? draft.zone;
				draft.sides = [...new Set([...draft.sides, ...meaning.sides])];
				break;
			case 'index':
				draft.index = meaning.index;
				break;
			case 'fact':
				for (const [path, value] of Object.entries(meaning.facts))
					if (draft.facts[path] !== undefined && draft.facts[path] !== value)
						problems.push(`The line says two things at once: ${String(draft.facts[path])} and ${String(value)}.`);
				draft.facts = { ...draft.facts, ...meaning.facts };
				break;
			case 'source':
				draft.source = meaning.source;
				break;
			case 'absent':
				draft.absent = true;
				break;
			case 'count':
				draft.count = meaning.count;
				break;
			case 'role':
				draft.zone = meaning.zone ?? draft.zone;
				draft.sides = [...new Set([...draft.sides, sideOfRole(meaning.role, steering)])];
				break;
			case 'cap':
				said.caps.push(meaning.cap);
				break;
			case 'watts':
				said.watts.push(meaning.watts);
				break;
			case 'noise':
				break;
			default:
				meaning satisfies never;
		}
	}
	if (ambiguous && draft.functions.length === 0) {
		if (categoryOrNull(draft.facts.category as string | undefined)?.filaments === 2) draft.functions = ambiguous.ids;
		else problems.push(`That word is used for ${ambiguous.ids.join(' and for ').replaceAll('-', ' ')}: say which.`);
	}
	return { draft: { ...draft, said }, problems };
}

const isInCabin = (id: FunctionId) => lampFunction(id).group === 'cabin';
const isOutsideZone = (zone: Zone | null) => zone === 'front' || zone === 'rear';

/** The sides of a place whose line names none: the usual ones; one lamp stands in the middle, two of a lone kind side by side. */
function sidesUnsaid({ functions, count }: SocketDraft, { kind }: WalkContext): Side[] {
	const usual = usualSides(functions, kind);
	if (count === 1) return ['centre'];
	return count === 2 && usual.length === 1 ? ['left', 'right'] : usual;
}

/**
 * Reads a walk-line: position, function, lamp category, optic, lens, measures and source in any order, with the words of any market.
 * What is usual is filled in (a low beam sits in front, on both sides); what is not said stays unknown.
 * @example readWalkLine('low h7 proj clear', context).draft.sides // ['left', 'right']
 */
export function readWalkLine(line: string, context: WalkContext): WalkReading {
	const taken = takeAll(line);
	const { draft, problems } = gather(line, taken, context);
	// The fog lamp at the rear is a lamp of its own.
	if (draft.zone === 'rear') draft.functions = draft.functions.map((id) => (id === 'fog' ? 'rear-fog' : id));
	// Courtesy lamps of the doors are door lamps, interior map lamps are map lamps; what sits in the cabin is not at the front of the vehicle.
	if (/courtesy|interior/i.test(line) && draft.functions.some((id) => id !== 'dome' && isInCabin(id)))
		draft.functions = draft.functions.filter((id) => id !== 'dome');
	if (draft.functions.length > 0 && draft.functions.every(isInCabin) && isOutsideZone(draft.zone)) draft.zone = null;
	draft.zone ??= usualZone(draft.functions);
	if (draft.sides.length === 0 && draft.functions.length > 0) draft.sides = sidesUnsaid(draft, context);
	if (taken.length > 0 && draft.functions.length === 0 && problems.length === 0)
		problems.push('The line does not say what the lamp is for: low, high, fog, turn, stop, tail…');
	if (draft.functions.length > 0 && draft.zone === null)
		problems.push('The line does not say where: front, side or rear.');
	const { impossible, doubts } = checkDraft(draft, context, line);
	return { draft, taken, problems: [...problems, ...impossible], doubts, missing: missingOf(draft) };
}
