import type { Configuration, FollowUp, Reading, Socket } from '../../model';
import { twinKey } from '../../vehicle';

/** What was found of a lamp in one place of one vehicle: a temperature, C, or months without complaint. */
export type FieldFact = { configuration: string; socket: string } & (
	{ kind: 'temperature'; body: number; ambient: number | undefined } | { kind: 'follow-up'; months: number }
);

/** A body has come to rest after this long, min. */
const AT_REST_MIN = 15;

/** Readings and follow-ups of a shop. */
export interface Field {
	readings: readonly Reading[];
	followUps: readonly FollowUp[];
}

export const NO_FIELD: Field = { readings: [], followUps: [] };

/** Facts from the field by product. */
export function fieldFacts({ readings, followUps }: Field): ReadonlyMap<string, FieldFact[]> {
	const found = new Map<string, FieldFact[]>();
	const add = (product: string, fact: FieldFact) => found.set(product, [...(found.get(product) ?? []), fact]);
	for (const { product, configuration, socket, body, ambient, minutes = AT_REST_MIN } of readings)
		if (product && configuration && socket && body !== undefined && minutes >= AT_REST_MIN)
			add(product, { kind: 'temperature', configuration, socket, body, ambient });
	for (const { product, configuration, socket, months, answer } of followUps)
		if (product && configuration && socket && answer === 'fine' && months !== undefined)
			add(product, { kind: 'follow-up', configuration, socket, months });
	return found;
}

/** True when a fact was found in this place of this vehicle, or in its twin on the other side. */
export function isHere(
	fact: FieldFact,
	{ configuration, socket }: { configuration: Configuration; socket: Socket }
): boolean {
	if (fact.configuration !== configuration.id) return false;
	const there = configuration.sockets.find((s) => s.id === fact.socket);
	return there !== undefined && twinKey(there) === twinKey(socket);
}
