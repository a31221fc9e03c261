import { impossible, type Check } from './check';

/** A lamp has two filaments at most. */
export const tooManyFunctions: Check = ({ functions }) =>
	functions.length > 3
		? impossible(`One socket does not serve ${functions.length} functions. List the places apart.`)
		: null;
