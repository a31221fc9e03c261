import { assumedForChecks, beamCheck, type BeamCheck, type BeamEvidence } from '../../beam';
import { lampFunction } from '../../lamps';
import type { Configuration, Product, ProofOf, Socket } from '../../model';
import { isHere, type FieldFactOf } from './field-facts';
import type { ProductCase } from './product-case';
import type { SocketCase } from './socket-case';

type CheckRecord = ProofOf<'beam-check'>;

/** What of a lamp type makes its beam. Price, packs and name do not. */
const LAMP_FACTS = [
	'fits',
	'kind',
	'colour',
	'emission',
	'emitterAngle',
	'collar',
	'size',
	'power',
	'flux',
	'cooling'
] as const satisfies readonly (keyof Product)[];

/** What of a lamp unit makes its beam. */
const UNIT_FACTS = [
	'category',
	'optic',
	'lens',
	'keyAngle',
	'retention',
	'functions'
] as const satisfies readonly (keyof Socket)[];

const picked = (from: object, facts: readonly string[]): Record<string, unknown> =>
	Object.fromEntries(
		facts.flatMap((fact) => {
			const value = (from as Record<string, unknown>)[fact];
			return value === undefined ? [] : [[fact, value]];
		})
	);

/** What a lamp type and a lamp unit are like, as a check keeps it. */
export const checkedThings = (product: Product, socket: Socket): CheckRecord['about'] => ({
	product: picked(product, LAMP_FACTS),
	unit: picked(socket, UNIT_FACTS)
});

/** Facts that are no longer as they were when a check was made, by name. */
function changedSince({ about }: CheckRecord, product: Product, socket: Socket): string[] {
	const now = checkedThings(product, socket);
	const differ = (was: Record<string, unknown>, is: Record<string, unknown>) =>
		[...new Set([...Object.keys(was), ...Object.keys(is)])].filter(
			(fact) => JSON.stringify(was[fact]) !== JSON.stringify(is[fact])
		);
	return [...differ(about.product, now.product), ...differ(about.unit, now.unit)];
}

/** The lamp unit of a socket and the place in it; nothing where no unit is on record. */
export const unitPlace = ({ unit }: Pick<Socket, 'unit'>): string | undefined => unit && `${unit.id} ${unit.place}`;

/** True when a check was made in this lamp unit: the unit itself, wherever it is fitted, or this place and its twin. */
function isThisUnit(
	fact: FieldFactOf<'beam-check'>,
	{ configuration, socket }: { configuration: Configuration; socket: Socket }
): boolean {
	const { unit } = fact.check;
	return (unit !== undefined && unit === unitPlace(socket)) || isHere(fact, { configuration, socket });
}

/** The check of a lamp type in a lamp unit, and how it stands by the shop's rules of today. */
export interface BeamProof {
	record: CheckRecord;
	check: BeamCheck;
	/** What is no longer as it was: with anything in it the check says nothing. */
	changed: string[];
}

/** Whether a place throws a beam with a cut-off. */
export const hasCutOff = ({ functions }: Pick<Socket, 'functions'>): boolean =>
	functions.some((id) => id !== 'high-beam' && ['headlamp', 'fog'].includes(lampFunction(id).group));

/** What a check on record was made of. */
export const evidenceIn = (
	{ light, pictures, aim, by }: Partial<Pick<CheckRecord, 'light' | 'pictures' | 'aim' | 'by'>>,
	socket: Pick<Socket, 'functions'>
): BeamEvidence => ({
	hasCutOff: hasCutOff(socket),
	light,
	pictures,
	aim,
	by
});

/** The newest check of a lamp in this lamp unit; null when nobody made one. An honest no counts like a yes. */
export function beamProof(s: Pick<SocketCase, 'configuration' | 'socket' | 'shop'>, p: ProductCase): BeamProof | null {
	const found = p.field
		.filter((fact): fact is FieldFactOf<'beam-check'> => fact.kind === 'beam-check' && isThisUnit(fact, s))
		.sort((a, b) => b.check.on.localeCompare(a.check.on));
	const [newest] = found;
	if (!newest) return null;
	const record = newest.check;
	return {
		record,
		check: beamCheck(evidenceIn(record, s.socket), assumedForChecks(s.shop.assumptions)),
		changed: changedSince(record, p.record, s.socket)
	};
}
