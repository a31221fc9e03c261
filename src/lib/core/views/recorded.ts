import {
	choiceWords,
	type Evidence,
	factLabel,
	factsWithEvidence,
	factText,
	type Fact,
	type SubjectKind
} from '../model';
import { evidenceText, confirmationOf, valueAt, type Confirmation, type Subject } from '../vehicle';

/** One thing that was said of a fact. */
export interface SayingView {
	value: string;
	source: string;
	note: string;
	/** Why it counts no more; null while it does. */
	overruled: string | null;
}

/** A fact of a record with all that was said of it. */
export interface RecordedFact {
	id: string;
	label: string;
	unit: Fact['unit'] | null;
	/** From where to where it commonly lies; null where nothing is usual. */
	usual: Fact['usual'] | null;
	/** The words it may have; null where any word or number goes. */
	choices: string[] | null;
	/** How to find out, with the minutes it takes; null where nobody needs to be told. */
	findOut: Fact['findOut'] | null;
	/** Gates of Match that look at it. */
	gates: string[];
	value: unknown;
	text: string;
	/** Where the value in force comes from. */
	source: string;
	confirmation: Confirmation | null;
	sayings: SayingView[];
}

function saying(fact: Fact, item: Evidence, current: unknown): SayingView {
	const { overruled } = item;
	return {
		value: factText(fact, item.value ?? current),
		source: evidenceText(item),
		note: item.note ?? '',
		overruled: overruled ? ['overruled', overruled.on, overruled.by, overruled.note].filter(Boolean).join(', ') : null
	};
}

/** A filament lamp is what every socket begins with; nobody need say so. */
export const isPlainFilament = (fact: string, value: unknown) => fact === 'state' && value === 'filament';

/** All facts of a socket, a channel or the flasher, known or not, with their confirmation and everything said of them, in the words of a market. */
export function recordedFacts(kind: SubjectKind, subject: object & Subject, market?: string): RecordedFact[] {
	return Object.entries(factsWithEvidence(kind)).map(([id, fact]) => {
		const value = valueAt(subject, id);
		const speaking = (subject.evidence ?? []).filter((e) => e.fact === id || id.startsWith(`${e.fact}.`));
		const live = speaking.filter((e) => !e.overruled).reverse();
		const inForce = live.find((e) => e.value === undefined || JSON.stringify(e.value) === JSON.stringify(value));
		return {
			id,
			label: factLabel(fact, market),
			unit: fact.unit ?? null,
			usual: fact.usual ?? null,
			choices: choiceWords(fact) ?? null,
			findOut: fact.findOut ?? null,
			gates: [...new Set((fact.rules ?? []).map((rule) => rule.split('/')[0] ?? ''))],
			value: value ?? null,
			text: factText(fact, value),
			source:
				value === undefined || isPlainFilament(id, value) ? '' : inForce ? evidenceText(inForce) : 'no source given',
			confirmation: isPlainFilament(id, value) ? null : confirmationOf(kind, subject, id),
			sayings: speaking.map((item) => saying(fact, item, value))
		};
	});
}
