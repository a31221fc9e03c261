/** Prints an exercise with an answer that is right and one that is not: `tsx pose.ts KIND SEED LEVEL`. For browser tests, whose runner does not read the core. */
import { poseExercise, scoreAnswer, type ExerciseId, type Level, type Posed } from '../../src/lib/core/practice';
import { answerTo } from './practice-answers';

const [kind, seed, level] = process.argv.slice(2);
const posed = poseExercise({ kind: kind as ExerciseId, seed: Number(seed), level: Number(level) as Level }) as Posed;
const answered = (isRight: boolean) => {
	const answer = { ...answerTo(posed, isRight), reason: posed.rightReasons[0] };
	return { ...answer, score: scoreAnswer(posed, answer) };
};
console.log(JSON.stringify({ question: posed.question, right: answered(true), wrong: answered(false) }));
