import type { Configuration, RotaluxDocument } from '../lib/core/model';
import { BadInput } from './io';

/** The configuration of an id, or all of them when none is named. @throws BadInput when it is not there */
export function configurationsNamed(document: RotaluxDocument, id: string | undefined): Configuration[] {
	if (id === undefined) return document.configurations;
	const found = document.configurations.filter((c) => c.id === id);
	if (found.length > 0) return found;
	const known = document.configurations.map((c) => c.id).join(', ') || 'none';
	throw new BadInput(`No configuration "${id}" stands in the file; there are: ${known}.`);
}
