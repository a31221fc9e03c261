import { type Configuration, factOf, factText } from '../model';
import { subjectName } from '../record';
import { evidenceText, openQuestions, socketName, type Question } from '../vehicle';

/** An open question in words. */
export interface QuestionView {
	subject: Question['subject'];
	name: string;
	fact: string;
	label: string;
	values: { value: unknown; text: string; sources: { text: string; note: string }[] }[];
}

/** The open questions of a record. */
export function questionViews(configuration: Configuration): QuestionView[] {
	return openQuestions(configuration).map(({ subject, fact, values }) => {
		const definition = factOf(subject.kind, fact);
		const socket = configuration.sockets.find((s) => subject.kind === 'socket' && s.id === subject.id);
		return {
			subject,
			name: socket ? socketName(socket) : subjectName(configuration, subject),
			fact,
			label: definition.label,
			values: values.map(({ value, evidence }) => ({
				value,
				text: factText(definition, value),
				sources: evidence.map((item) => ({ text: evidenceText(item), note: item.note ?? '' }))
			}))
		};
	});
}
