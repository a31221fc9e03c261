/** Exercises with an answer that is right and one that is not, for browser tests. */
import { poseExercise, scoreAnswer, type ExerciseId, type Level, type Posed } from '../../src/lib/core/practice';
import { answerTo } from './practice-answers';

/** An exercise by the parts of its address. */
export function knownExercise([kind, seed, level]: readonly string[]) {
	const posed = poseExercise({ kind: kind as ExerciseId, seed: Number(seed), level: Number(level) as Level }) as Posed;
	const answered = (isRight: boolean) => {
		const answer = { ...answerTo(posed, isRight), reason: posed.rightReasons[0] };
		return { ...answer, score: scoreAnswer(posed, answer)! };
	};
	return { question: posed.question, right: answered(true), wrong: answered(false) };
}
