import {
	knownProofs,
	type Complaint,
	type Configuration,
	type FollowUp,
	type Proof,
	type ProofOf,
	type Reading,
	type RotaluxDocument,
	type Socket
} from '../../model';
import { twinKey } from '../../vehicle';

/** What was found of a lamp in one place of one vehicle. */
export type FieldFact = { configuration: string; socket: string } &
	/** A temperature of its body, C, so long after it was lit, min; null when nobody noted how long. */
	(
		| { kind: 'temperature'; body: number; ambient: number | undefined; minutes: number | null }
		/** Months without complaint. */
		| { kind: 'follow-up'; months: number }
		/** Every mode tried with it fitted. */
		| { kind: 'mode-test'; test: ProofOf<'mode-test'> }
		/** A complaint was settled by keeping it out of here. */
		| { kind: 'never-again'; on: string; by: string; cause: string }
		/** Its beam held against the one before. */
		| { kind: 'beam-check'; check: ProofOf<'beam-check'> }
	);

export type FieldFactOf<K extends FieldFact['kind']> = Extract<FieldFact, { kind: K }>;

/** What a shop has found on vehicles. */
export interface Field {
	readings: readonly Reading[];
	followUps: readonly FollowUp[];
	proofs: readonly Proof[];
	/** Products that were fitted, once for each lamp. */
	fitted: readonly string[];
}

/** What a document says was found on vehicles. */
export const fieldOf = ({ readings, followUps, proofs, fittings }: RotaluxDocument): Field => ({
	readings,
	followUps,
	proofs: knownProofs(proofs),
	fitted: fittings.flatMap(({ state, lamps = {} }) => (state === 'finished' ? Object.values(lamps) : []))
});

export const NO_FIELD: Field = { readings: [], followUps: [], proofs: [], fitted: [] };

/** What a proof says of products, each with the place it sat in. */
function factsOfProof(proof: Proof): { product: string; fact: FieldFact }[] {
	const { configuration } = proof;
	switch (proof.kind) {
		case 'temperature': {
			const { product, socket, body, ambient, minutes } = proof;
			return product ? [{ product, fact: { kind: 'temperature', configuration, socket, body, ambient, minutes } }] : [];
		}
		case 'mode-test':
			return Object.entries(proof.lamps).map(([socket, product]) => ({
				product,
				fact: { kind: 'mode-test', configuration, socket, test: proof }
			}));
		case 'beam-check':
			return [
				{ product: proof.product, fact: { kind: 'beam-check', configuration, socket: proof.socket, check: proof } }
			];
		case 'light':
		case 'beam':
		case 'aim':
			return [];
		default:
			return proof satisfies never;
	}
}

/** Facts from the field by product; settled complaints keep a product out of a place. */
export function fieldFacts({
	readings,
	followUps,
	proofs,
	complaints
}: Omit<Field, 'fitted'> & { complaints: readonly Complaint[] }): ReadonlyMap<string, FieldFact[]> {
	const found = new Map<string, FieldFact[]>();
	const add = (product: string, fact: FieldFact) => found.set(product, [...(found.get(product) ?? []), fact]);
	for (const { product, configuration, socket, body, ambient, minutes = null } of readings)
		if (product && configuration && socket && body !== undefined)
			add(product, { kind: 'temperature', configuration, socket, body, ambient, minutes });
	for (const { product, configuration, socket, months, answer } of followUps)
		if (product && configuration && socket && answer === 'fine' && months !== undefined)
			add(product, { kind: 'follow-up', configuration, socket, months });
	for (const { product, configuration, socket, neverAgain, settledOn = '', settledBy = '', cause = '' } of complaints)
		if (neverAgain && product && configuration && socket)
			add(product, { kind: 'never-again', configuration, socket, on: settledOn, by: settledBy, cause });
	for (const proof of proofs) for (const { product, fact } of factsOfProof(proof)) add(product, fact);
	return found;
}

/** True when a fact was found in this place of this vehicle, or in its twin on the other side. */
export function isHere(
	fact: Pick<FieldFact, 'configuration' | 'socket'>,
	{ configuration, socket }: { configuration: Configuration; socket: Socket }
): boolean {
	if (fact.configuration !== configuration.id) return false;
	const there = configuration.sockets.find((s) => s.id === fact.socket);
	return there !== undefined && twinKey(there) === twinKey(socket);
}

/** The facts of a kind that were found here. */
export const factsHere = <K extends FieldFact['kind']>(
	field: readonly FieldFact[],
	where: { configuration: Configuration; socket: Socket },
	kind: K
): FieldFactOf<K>[] => field.filter((fact): fact is FieldFactOf<K> => fact.kind === kind && isHere(fact, where));
