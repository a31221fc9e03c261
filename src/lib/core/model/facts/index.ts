import { ACCESSORY_FACTS } from './accessory';
import { CHANNEL_FACTS } from './channel';
import type { Fact, FactTable, SubjectKind } from './fact';
import { FLASHER_FACTS } from './flasher';
import { OPERATION_FACTS } from './operation';
import { PRODUCT_FACTS } from './product';
import { SOCKET_FACTS } from './socket';
import { VEHICLE_FACTS } from './vehicle';

export * from './fact';
export { SOCKET_FACTS, PRODUCT_FACTS };

/** Every fact of every record. A new fact is one entry in the file of its subject, and its field in the schema. */
export const FACTS: Readonly<Record<SubjectKind, FactTable>> = {
	vehicle: VEHICLE_FACTS,
	socket: SOCKET_FACTS,
	channel: CHANNEL_FACTS,
	flasher: FLASHER_FACTS,
	operation: OPERATION_FACTS,
	product: PRODUCT_FACTS,
	accessory: ACCESSORY_FACTS
};

/** The definition of a fact; a fact nobody listed keeps its own name. Only own keys are looked up: a path may be any word a file brings. */
export function factOf(subject: SubjectKind, path: string): Fact {
	const facts = FACTS[subject];
	return (Object.hasOwn(facts, path) ? facts[path] : undefined) ?? { kind: 'text', label: path };
}

const evidenceTable = (facts: FactTable): FactTable =>
	Object.fromEntries(Object.entries(facts).filter(([, fact]) => fact.evidence));
const EVIDENCE: Readonly<Record<SubjectKind, FactTable>> = {
	vehicle: evidenceTable(VEHICLE_FACTS),
	socket: evidenceTable(SOCKET_FACTS),
	channel: evidenceTable(CHANNEL_FACTS),
	flasher: evidenceTable(FLASHER_FACTS),
	operation: evidenceTable(OPERATION_FACTS),
	product: evidenceTable(PRODUCT_FACTS),
	accessory: evidenceTable(ACCESSORY_FACTS)
};

/** The facts of a thing for which sources are kept. */
export function factsWithEvidence(subject: SubjectKind): FactTable {
	return EVIDENCE[subject];
}

/** True when sources are kept for a fact. */
export function keepsEvidence(subject: SubjectKind, path: string): boolean {
	return Object.hasOwn(EVIDENCE[subject], path);
}
