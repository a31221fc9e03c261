import { lampFunction, type FunctionId } from '../../lamps';

/** A finding in words: what was found, what was asked for, and what follows. */
export interface Words {
	measured: string;
	required: string;
	why: string;
}

/** Functions of a socket inside a sentence. @example functionWords(['stop', 'tail']) // "stop and tail" */
export function functionWords(ids: readonly FunctionId[]): string {
	return ids.map((id) => lampFunction(id).label.toLowerCase()).join(' and ');
}

/** Several names of which any will do. @example anyOf(['W2.1x9.5d', 'WY2.1x9.5d']) // "W2.1x9.5d or WY2.1x9.5d" */
export function anyOf(names: readonly string[]): string {
	return names.join(' or ');
}
