import { z } from 'zod';
import { identifyVehicle } from '../../services/identify';
import { ApiRefusal, endpoint } from '../api';
import { vehicle } from '../schemas';

/** `QUESTION=ANSWER`, by their ids. */
function answersFrom(said: readonly string[]): Record<string, string> {
	const pairs = said.map((one) => {
		const at = one.indexOf('=');
		if (at < 1) throw new ApiRefusal('bad-request', `“${one}” is no answer: say QUESTION=ANSWER, by their ids.`);
		return [one.slice(0, at), one.slice(at + 1)] as const;
	});
	return Object.fromEntries(pairs);
}

const question = z
	.object({ id: z.string(), text: z.string(), answers: z.array(z.object({ id: z.string(), text: z.string() })) })
	.meta({ id: 'Question', description: 'What a look at the vehicle answers' });

/** Finds a vehicle by words or its identification number, then by the answers to what can be seen. */
export const identify = endpoint({
	path: '/vehicles',
	scope: 'identify',
	summary: 'Find a vehicle by a line of text, or its identification number, and by the answers to questions',
	params: z.object({}),
	query: z.object({
		line: z.string().min(1).max(200).meta({ description: 'Make, model and year, or a vehicle identification number' }),
		answer: z
			.array(z.string().max(200))
			.max(40)
			.default([])
			.meta({ description: 'Answers so far, each QUESTION=ANSWER by their ids' })
	}),
	answer: z.object({
		problem: z.string().nullable().meta({ description: 'What is wrong with the line, if anything' }),
		read: z.array(z.string()).meta({ description: 'Words that were read as others' }),
		left: z.number().int().meta({ description: 'How many vehicles it may be' }),
		vehicles: z.array(vehicle).meta({ description: 'The first of them' }),
		question: question.nullable().meta({ description: 'What to ask next; null when nothing would tell them apart' }),
		answered: z.array(z.object({ question: z.string(), text: z.string(), answer: z.string() }))
	}),
	run: async ({ db, vin, now }, { line, answer }) => {
		const found = await identifyVehicle(db, { line, answers: answersFrom(answer), now }, vin);
		return {
			problem: found.problem,
			read: found.slips,
			left: found.left,
			vehicles: found.possible.map(({ id, name, market, kind }) => ({ id, name, market, kind })),
			question: found.next,
			answered: found.answered.map(({ id, text, answer: said }) => ({ question: id, text, answer: said }))
		};
	}
});
