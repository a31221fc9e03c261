import type { Configuration } from '../model';
import { err, ok, type Result } from '../result';

/** Where a configuration falls into two: from a model year on, or by an option that can be seen. */
export type Cut = { by: 'year'; from: number } | { by: 'option'; option: string; stays: string; becomes: string };

/** Splits a configuration in two alike in everything but what the cut says. The first keeps the id. */
export function split(
	configuration: Configuration,
	cut: Cut,
	id: Configuration['id']
): Result<[Configuration, Configuration], string> {
	if (cut.by === 'year') {
		const { years } = configuration;
		if (!years) return err('The model years are not known, so it cannot be split by year. Enter them first.');
		if (cut.from <= years[0] || cut.from > years[1])
			return err(`It runs from ${years[0]} to ${years[1]}; a split must begin from ${years[0] + 1} to ${years[1]}.`);
		return ok([
			{ ...configuration, years: [years[0], cut.from - 1] },
			{ ...configuration, id, years: [cut.from, years[1]] }
		]);
	}
	const { option, stays, becomes } = cut;
	if (!option || !stays || !becomes) return err('Name the option, and what it is on each of the two.');
	if (stays === becomes) return err(`The option must differ; both would be “${stays}”.`);
	const withOption = (value: string) => ({ ...configuration.options, [option]: value });
	return ok([
		{ ...configuration, options: withOption(stays) },
		{ ...configuration, id, options: withOption(becomes) }
	]);
}
