import { factOf, factText, type Configuration } from '../../model';
import { subjectName } from '../../record';
import { agree, evidenceFor, sourceWord, subjectsOf, valueAt } from '../../vehicle';
import type { HouseCase } from './house-case';

/** What a record that is wrong costs, min. An assumption. */
const MINUTES = 40;

type Subject = ReturnType<typeof subjectsOf>[number];

/** The question a record had about a fact and has settled, as a case; null for a fact that is open, or that nobody ever disagreed about. */
function caseOf(configuration: Configuration, { kind, id, subject }: Subject, fact: string): HouseCase | null {
	const definition = factOf(kind, fact);
	const value = valueAt(subject, fact);
	const right = evidenceFor(subject.evidence, fact);
	const wrong = (subject.evidence ?? []).find(
		(one) =>
			one.fact === fact && one.overruled && one.value !== undefined && !agree(one.value, value, definition.tolerance)
	);
	if (!wrong || !right || value === undefined) return null;
	const [is, was] = [factText(definition, value), factText(definition, wrong.value)];
	if (is === was) return null;
	const [decided, denied] = [sourceWord(right.source), sourceWord(wrong.source)];
	const name = subjectName(configuration, { kind, id }).toLowerCase();
	return {
		task: `Two sources disagreed about ${definition.label.toLowerCase()}: ${name}. What stood in the end?`,
		given: [
			{ label: decided, value: is },
			{ label: denied === decided ? `${denied}, another time` : denied, value: was }
		].sort((a, b) => a.value.localeCompare(b.value)),
		answers: [
			{
				words: is,
				isRight: true,
				why: `What decided: ${decided}.${definition.findOut ? ` ${definition.findOut.how}` : ''}`
			},
			{ words: was, isRight: false, why: `The source was: ${denied}. Somebody of the shop overruled it.` }
		],
		source: 'a question this shop settled',
		minutes: MINUTES
	};
}

/** Questions that a record had and has settled, each with what tells it from others. Names and notes of people are left out. */
export function casesFromRecord(configuration: Configuration): { ref: string; made: HouseCase }[] {
	return subjectsOf(configuration).flatMap((one) => {
		const { evidence = [] } = one.subject;
		const facts = new Set(evidence.filter(({ overruled }) => overruled).map(({ fact }) => fact));
		return [...facts].flatMap((fact) => {
			const made = caseOf(configuration, one, fact);
			return made ? [{ ref: ['record', configuration.id, one.kind, one.id, fact].join(' '), made }] : [];
		});
	});
}
