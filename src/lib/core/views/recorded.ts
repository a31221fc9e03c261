import type { Evidence } from '../model';
import {
	FACTS,
	evidenceText,
	factText,
	confirmationOf,
	valueAt,
	type Fact,
	type Confirmation,
	type Subject,
	type SubjectKind
} from '../vehicle';

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

/** All facts of a socket, a channel or the flasher, known or not, with their confirmation and everything said of them. */
export function recordedFacts(kind: SubjectKind, subject: object & Subject): RecordedFact[] {
	return Object.entries(FACTS[kind]).map(([id, fact]) => {
		const value = valueAt(subject, id);
		const speaking = (subject.evidence ?? []).filter((e) => e.fact === id || id.startsWith(`${e.fact}.`));
		const live = speaking.filter((e) => !e.overruled).reverse();
		const inForce = live.find((e) => e.value === undefined || JSON.stringify(e.value) === JSON.stringify(value));
		return {
			id,
			label: fact.label,
			unit: fact.unit ?? null,
			value: value ?? null,
			text: factText(fact, value),
			source:
				value === undefined || isPlainFilament(id, value) ? '' : inForce ? evidenceText(inForce) : 'no source given',
			confirmation: isPlainFilament(id, value) ? null : confirmationOf(kind, subject, id),
			sayings: speaking.map((item) => saying(fact, item, value))
		};
	});
}
