import { err } from '../../result';
import type { Edit, Witness } from '../../record';
import { readAccessLine } from '../line';
import { putOperation } from './operations';

/** Adds the operation that an access-line says, each fact with its source; a line that cannot be taken says why and changes nothing. */
export function addAccessLine(line: string, witness: Witness): Edit {
	return (configuration) => {
		const { operation, problems } = readAccessLine(line, configuration);
		const [problem] = problems;
		if (problem || !operation) return err(problem ?? 'The line is empty.');
		return putOperation(operation, witness)(configuration);
	};
}
