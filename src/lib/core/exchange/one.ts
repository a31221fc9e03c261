import { err, ok, type Problem, type Result } from '../result';
import { accessoryProblems, configurationProblems, productProblems } from './check';
import { problemsOf } from './problems';
import {
	accessory,
	configuration,
	product,
	unit,
	type Accessory,
	type Configuration,
	type Product,
	type Unit
} from './schema';

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

/** Reads one product on its own, or lists everything that is wrong with it. */
export function readProduct(input: unknown): Result<Product, Problem[]> {
	const parsed = product.safeParse(input);
	if (!parsed.success) return err(problemsOf(parsed.error, input));
	const problems = productProblems(parsed.data, '');
	return problems.length > 0 ? err(problems) : ok(parsed.data);
}

/** Reads one accessory on its own, or lists everything that is wrong with it. */
export function readAccessory(input: unknown): Result<Accessory, Problem[]> {
	const parsed = accessory.safeParse(input);
	if (!parsed.success) return err(problemsOf(parsed.error, input));
	const problems = accessoryProblems(parsed.data, '');
	return problems.length > 0 ? err(problems) : ok(parsed.data);
}
