import { type Configuration, type Evidence, type Flasher, factOf, factText, type SubjectKind } from '../model';
import {
	claim,
	outputTitle,
	settle,
	socketName,
	sourceWord,
	withValueAt,
	type Decision,
	type Subject
} from '../vehicle';
import { edited, gone, type Edit } from './edit';

/** Which thing of a record an edit is about. */
export interface SubjectRef {
	kind: SubjectKind;
	id: string;
}

/** What a subject is called. */
export function subjectName(configuration: Configuration, { kind, id }: SubjectRef): string {
	if (kind === 'flasher') return 'Flasher';
	if (kind === 'vehicle') return 'Vehicle';
	if (kind === 'channel') return outputTitle(configuration, id);
	if (kind === 'operation') {
		const operation = configuration.access?.operations.find((one) => one.id === id);
		if (!operation) return `Operation ${id}`;
		return operation.side && operation.side !== 'both' ? `${operation.title}, ${operation.side}` : operation.title;
	}
	const socket = configuration.sockets.find((s) => s.id === id);
	return socket ? socketName(socket) : `Socket ${id}`;
}

/** The record with one subject changed; null when it is not there. */
export function withSubject(
	configuration: Configuration,
	{ kind, id }: SubjectRef,
	change: <T extends object & Subject>(subject: T) => T
): Configuration | null {
	if (kind === 'vehicle') return change(configuration);
	// A flasher that nobody has recorded begins with the first thing said of it.
	if (kind === 'flasher') return { ...configuration, flasher: change(configuration.flasher ?? ({} as Flasher)) };
	if (kind === 'operation') {
		const operations = configuration.access?.operations ?? [];
		if (!operations.some((item) => item.id === id)) return null;
		const changed = operations.map((item) => (item.id === id ? change(item) : item));
		return { ...configuration, access: { ...configuration.access, operations: changed } };
	}
	const list = kind === 'socket' ? 'sockets' : 'channels';
	if (!configuration[list].some((item) => item.id === id)) return null;
	const changed = configuration[list].map((item) => (item.id === id ? change(item) : item));
	return { ...configuration, [list]: changed };
}

/** Who says something, from what source, and when. */
export type Witness = Pick<Evidence, 'source' | 'on' | 'by' | 'note'>;

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** One fact of a subject with what is now said of it; null says that it is not known after all, and overrules what was said. */
function withClaim<T extends object & Subject>(
	kind: SubjectKind,
	subject: T,
	{ fact, value, ...witness }: Witness & { fact: string; value: unknown }
): T {
	if (value !== null) return claim(kind, subject, { fact, value, ...witness });
	const { source: _source, ...overruled } = witness;
	const evidence = (subject.evidence ?? []).map((e) => (e.fact === fact && !e.overruled ? { ...e, overruled } : e));
	const rest = withValueAt(subject, fact, undefined);
	return evidence.length > 0 ? { ...rest, evidence } : rest;
}

/** Takes what somebody says of the facts of one subject into the record. */
export function claimFacts(ref: SubjectRef, facts: Readonly<Record<string, unknown>>, witness: Witness): Edit {
	return (configuration) => {
		const name = subjectName(configuration, ref);
		const entries = Object.entries(facts);
		// What a flasher is comes before what else is said of it.
		if (ref.kind === 'flasher' && !configuration.flasher && facts.kind === undefined) return gone(name);
		const next = withSubject(configuration, ref, (subject) =>
			entries.reduce((s, [fact, value]) => withClaim(ref.kind, s, { fact, value, ...witness }), subject)
		);
		if (!next) return gone(name);
		const changes = entries.map(([id, value]) => {
			const fact = factOf(ref.kind, id);
			return `${lower(fact.label)} ${factText(fact, value)}`;
		});
		return edited(next, `${name}: ${changes.join(', ')}, ${sourceWord(witness.source)}`);
	};
}

/** Settles an open question: one value holds, the others are kept as overruled. */
export function settleFact(ref: SubjectRef, decision: Decision): Edit {
	return (configuration) => {
		const name = subjectName(configuration, ref);
		const next = withSubject(configuration, ref, (subject) => settle(ref.kind, subject, decision));
		if (!next) return gone(name);
		const fact = factOf(ref.kind, decision.fact);
		return edited(next, `${name}: ${fact.label.toLowerCase()} settled, ${factText(fact, decision.value)}`);
	};
}
