/** Prints an exercise with its truth: `tsx pose.ts KIND SEED LEVEL`. For browser tests, whose runner does not read the core. */
import { poseExercise, type ExerciseId, type Level } from '../../src/lib/core/practice';

const [kind, seed, level] = process.argv.slice(2);
console.log(
	JSON.stringify(poseExercise({ kind: kind as ExerciseId, seed: Number(seed), level: Number(level) as Level }))
);
