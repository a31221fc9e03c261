import { factOf, type Configuration, type Evidence, type SubjectKind } from '../../model';
import type { Subject } from './claim';
import { agree, valueAt, withValueAt } from './path';
import { compareStrength, liveEvidence } from './strength';

/** One of the values a fact is said to have, and who says so, strongest first. */
export interface ContestedValue {
	value: unknown;
	evidence: Evidence[];
}

/** A fact on which two sources disagree and nobody has decided yet. */
export interface Question {
	subject: { kind: SubjectKind; id: string };
	fact: string;
	/** Strongest first; the first is in force. */
	values: ContestedValue[];
}

/** The things of a record that carry facts. */
export function subjectsOf(
	configuration: Configuration
): { kind: SubjectKind; id: string; subject: Subject & object }[] {
	return [
		...configuration.sockets.map((subject) => ({ kind: 'socket' as const, id: subject.id as string, subject })),
		...configuration.channels.map((subject) => ({ kind: 'channel' as const, id: subject.id as string, subject })),
		...(configuration.flasher
			? [{ kind: 'flasher' as const, id: 'flasher', subject: configuration.flasher as Subject & object }]
			: [])
	];
}

/** The values a fact is said to have. A source that names no value vouches for the one on record. */
function contested(
	evidence: readonly Evidence[],
	{ fact, current, tolerance }: { fact: string; current: unknown; tolerance?: number }
): ContestedValue[] {
	const values: ContestedValue[] = [];
	for (const item of liveEvidence(evidence, fact)) {
		const claimed = item.value ?? current;
		if (item.fact !== fact || claimed === undefined) continue;
		const known = values.find(({ value }) => agree(value, claimed, tolerance));
		if (known) known.evidence.push(item);
		else values.push({ value: claimed, evidence: [item] });
	}
	return values;
}

/** Every open question of a record: facts with two values that nobody has overruled. */
export function openQuestions(configuration: Configuration): Question[] {
	return subjectsOf(configuration).flatMap(({ kind, id, subject }) => {
		const facts = [...new Set((subject.evidence ?? []).map((item) => item.fact))];
		return facts.flatMap((fact): Question[] => {
			const values = contested(subject.evidence ?? [], {
				fact,
				current: valueAt(subject, fact),
				tolerance: factOf(kind, fact).tolerance
			});
			return values.length > 1 ? [{ subject: { kind, id }, fact, values }] : [];
		});
	});
}

/** What settles a question: the value that holds, and who decided it why. */
export interface Decision {
	fact: string;
	value: unknown;
	on: string;
	by?: string;
	note?: string;
}

/** Settles a fact: the value comes into force, every other one is overruled and kept. */
export function settle<T extends object & Subject>(kind: SubjectKind, subject: T, decision: Decision): T {
	const { fact, value, ...overruled } = decision;
	const { tolerance } = factOf(kind, fact);
	const evidence = (subject.evidence ?? []).map((item) => {
		const claimed = item.value ?? valueAt(subject, fact);
		const loses = item.fact === fact && !item.overruled && !agree(claimed, value, tolerance);
		return loses ? { ...item, value: claimed, overruled } : item;
	});
	return { ...withValueAt(subject, fact, value), evidence };
}

/** How sure a fact of a subject is. */
export type Confirmation = 'confirmed' | 'unconfirmed' | 'contested';

/** How sure a fact is; null when nothing is known of it. */
export function confirmationOf(kind: SubjectKind, subject: object & Subject, fact: string): Confirmation | null {
	if (valueAt(subject, fact) === undefined) return null;
	const live = liveEvidence(subject.evidence, fact).sort(compareStrength);
	if (contested(live, { fact, current: valueAt(subject, fact), tolerance: factOf(kind, fact).tolerance }).length > 1)
		return 'contested';
	const [best] = live;
	return best && ['in-hand', 'manual', 'maker'].includes(best.source) ? 'confirmed' : 'unconfirmed';
}
