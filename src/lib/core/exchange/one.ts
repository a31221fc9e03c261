import type { ZodType } from 'zod';
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
} from '../model';

/** Reads one part of a document on its own: by its schema, then by what must hold between its facts. */
const reader =
	<T>(schema: ZodType<T>, problemsIn: (part: T, path: string) => Problem[] = () => []) =>
	(input: unknown): Result<T, Problem[]> => {
		const parsed = schema.safeParse(input);
		if (!parsed.success) return err(problemsOf(parsed.error, input));
		const problems = problemsIn(parsed.data, '');
		return problems.length > 0 ? err(problems) : ok(parsed.data);
	};

/** Reads one configuration on its own, or lists everything that is wrong with it. */
export const readConfiguration = reader<Configuration>(configuration, configurationProblems);

/** Reads one shared lamp unit on its own, or lists everything that is wrong with it. */
export const readUnit = reader<Unit>(unit);

/** Reads one product on its own, or lists everything that is wrong with it. */
export const readProduct = reader<Product>(product, productProblems);

/** Reads one accessory on its own, or lists everything that is wrong with it. */
export const readAccessory = reader<Accessory>(accessory, accessoryProblems);
