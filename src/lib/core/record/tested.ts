import type { Configuration, Evidence } from '../model';
import { claim, liveEvidence, subjectsOf, valueAt, withValueAt } from '../vehicle';
import { edited, gone, type Edit } from './edit';
import { subjectName, withSubject, type SubjectRef } from './facts';

/** What marks evidence as the lesson of tests: a later lesson takes its place. */
const FROM_TESTS = 'mode-tests';

type Tested = Evidence & { from?: unknown };
const isLesson = (item: Tested) => item.from === FROM_TESTS;

/** What is on record of a fact; whether it is weak, assumed or without a source; and whether it is the lesson of earlier tests. */
export function testedValue(
	configuration: Configuration,
	{ kind, id }: SubjectRef,
	fact: string
): { value: number | undefined; isWeak: boolean; isLesson: boolean } {
	const subject = subjectsOf(configuration).find((one) => one.kind === kind && one.id === id)?.subject;
	const held = subject && valueAt(subject, fact);
	const live = liveEvidence(subject?.evidence, fact);
	const strong = live.some((item) => item.source !== 'assumed' && !isLesson(item));
	return {
		value: typeof held === 'number' ? held : undefined,
		isWeak: !strong,
		isLesson: !strong && live.some(isLesson)
	};
}

/**
 * Puts the lesson of tests on record: the lesson before it, and a mere assumption that lies inside, give way; whatever a person measured or read
 * stays, and where it disagrees a question is open.
 */
export function recordTested(
	ref: SubjectRef,
	{
		fact,
		value,
		narrows,
		...witness
	}: { fact: string; value: number; narrows: boolean; on: string; by?: string; note: string }
): Edit {
	return (configuration) => {
		const name = subjectName(configuration, ref);
		const next = withSubject(configuration, ref, (subject) => {
			const evidence = (subject.evidence ?? [])
				.filter((item) => item.fact !== fact || !narrows || !isLesson(item))
				.map((item) =>
					narrows && item.fact === fact && item.source === 'assumed' && !item.overruled
						? { ...item, overruled: witness }
						: item
				);
			const item: Tested = { fact, value, source: 'in-hand', from: FROM_TESTS, ...witness };
			// A value that nothing stands behind any more is as weak as an assumption.
			const bare = narrows && liveEvidence(evidence, fact).length === 0;
			const cleared = bare ? withValueAt({ ...subject, evidence }, fact, undefined) : { ...subject, evidence };
			return claim(ref.kind, cleared, item);
		});
		return next ? edited(next, `${name}: ${witness.note}`) : gone(name);
	};
}
