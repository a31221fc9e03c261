import { err, ok, type Problem, type Result } from '../result';
import { configurationProblems } from './check';
import { problemsOf } from './problems';
import { configuration, unit, type Configuration, type Unit } from './schema';

/** Reads one configuration on its own, or lists everything that is wrong with it. */
export function readConfiguration(input: unknown): Result<Configuration, Problem[]> {
	const parsed = configuration.safeParse(input);
	if (!parsed.success) return err(problemsOf(parsed.error, input));
	const problems = configurationProblems(parsed.data, '');
	return problems.length > 0 ? err(problems) : ok(parsed.data);
}

/** Reads one shared lamp unit on its own, or lists everything that is wrong with it. */
export function readUnit(input: unknown): Result<Unit, Problem[]> {
	const parsed = unit.safeParse(input);
	return parsed.success ? ok(parsed.data) : err(problemsOf(parsed.error, input));
}
