import {
	factOf,
	isValueOf,
	keepsEvidence,
	type Configuration,
	type Evidence,
	type Fact,
	type SubjectKind
} from '../../model';
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
		{ kind: 'vehicle', id: configuration.id as string, subject: configuration },
		...configuration.sockets.map((subject) => ({ kind: 'socket' as const, id: subject.id as string, subject })),
		...configuration.channels.map((subject) => ({ kind: 'channel' as const, id: subject.id as string, subject })),
		...(configuration.flasher
			? [{ kind: 'flasher' as const, id: 'flasher', subject: configuration.flasher as Subject & object }]
			: []),
		...(configuration.access?.operations ?? []).map((subject) => ({
			kind: 'operation' as const,
			id: subject.id,
			subject
		}))
	];
}

/** What a source says of a fact; one that names no value of that fact vouches for the one on record. */
function claimedValue(definition: Fact, item: Evidence, current: unknown): unknown {
	return item.value !== undefined && isValueOf(definition, item.value) ? item.value : current;
}

/** The values a fact is said to have. A source that names no value vouches for the one on record. */
function contested(
	evidence: readonly Evidence[],
	{ kind, fact, current }: { kind: SubjectKind; fact: string; current: unknown }
): ContestedValue[] {
	const definition = factOf(kind, fact);
	const { tolerance } = definition;
	const values: ContestedValue[] = [];
	for (const item of liveEvidence(evidence, fact)) {
		const claimed = claimedValue(definition, item, current);
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
			const values = contested(subject.evidence ?? [], { kind, fact, current: valueAt(subject, fact) });
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
	if (contested(live, { kind, fact, current: valueAt(subject, fact) }).length > 1) return 'contested';
	const [best] = live;
	return best && ['in-hand', 'manual', 'maker'].includes(best.source) ? 'confirmed' : 'unconfirmed';
}

/** A fact whose value on record is not what its strongest source says. */
export interface AgainstSource {
	subject: { kind: SubjectKind; id: string };
	fact: string;
	value: unknown;
	strongest: Evidence;
}

/** Facts of one thing that its own strongest, newest source contradicts. */
export function againstSourcesOf(kind: SubjectKind, id: string, subject: Subject & object): AgainstSource[] {
	const facts = [...new Set((subject.evidence ?? []).map((item) => item.fact))];
	return facts.flatMap((fact): AgainstSource[] => {
		const definition = factOf(kind, fact);
		const value = valueAt(subject, fact);
		const strongest = liveEvidence(subject.evidence, fact).find((item) => item.fact === fact);
		const claimed = strongest && claimedValue(definition, strongest, value);
		if (!strongest || claimed === undefined || !keepsEvidence(kind, fact)) return [];
		return agree(claimed, value, definition.tolerance) ? [] : [{ subject: { kind, id }, fact, value, strongest }];
	});
}

/** Facts of a record that its own strongest, newest source contradicts. */
export function againstSources(configuration: Configuration): AgainstSource[] {
	return subjectsOf(configuration).flatMap(({ kind, id, subject }) => againstSourcesOf(kind, id, subject));
}
