import { draftTotals } from '../../repositories/kits';
import { openShopQuestions } from '../questions';
import { MOST_OF_A_KIND, type WaitingSource } from './source';

/** Questions where two sources disagree, those first whose vehicle has most money waiting in drafts. */
export const questionsWaiting: WaitingSource = async (db) => {
	const { questions } = await openShopQuestions(db);
	const drafts = await draftTotals(
		db,
		questions.map(({ vehicle }) => vehicle.id)
	);
	return questions
		.map((question) => ({
			kind: 'question' as const,
			id: `${question.vehicle.id} ${question.subject.kind} ${question.subject.id} ${question.fact}`,
			question: { kind: question.subject.kind, subject: question.subject.id, fact: question.fact },
			vehicle: question.vehicle.id,
			title: `${question.name}, ${question.label.toLowerCase()}: ${question.values.map(({ text }) => text).join(' or ')}?`,
			detail: question.vehicle.name,
			worth: drafts.get(question.vehicle.id) ?? 0,
			day: null,
			isPressing: false
		}))
		.sort((a, b) => b.worth - a.worth)
		.slice(0, MOST_OF_A_KIND);
};
