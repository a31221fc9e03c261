import type { Knex } from 'knex';
import { CAUTIONS, policySentences, wiresOf, type SocketView } from '../../../core/views';
import { findRevision, listRevisions } from '../../repositories/kits';
import { kitSheet } from './show';

/** What a customer sees of a released kit: no prices, no names of the shop's people, nothing that can be changed. */
export interface CustomerKit {
	code: string;
	vehicle: string;
	also: string[];
	releasedAt: string;
	/** Code of a later revision, when there is one. */
	newer: string | null;
	tells: string[];
	sockets: SocketView[];
	places: { places: string; name: string; pieces: number; solves: string | null }[];
	wires: string[];
	stays: { name: string; why: string }[];
	cautions: readonly string[];
	policy: string[];
}

/** The released kit of a code, as a customer sees it; null when no revision was released under it. */
export async function customerKit(db: Knex, code: string): Promise<CustomerKit | null> {
	const revision = await findRevision(db, code);
	const vehicle = (revision?.document as { configuration?: { id: string } } | undefined)?.configuration?.id;
	const sheet =
		revision && vehicle ? await kitSheet(db, vehicle, { id: revision.kitId, revision: revision.revision }) : null;
	if (!revision || !sheet) return null;
	const last = (await listRevisions(db, revision.kitId)).at(-1);
	return {
		code,
		vehicle: sheet.vehicleName,
		also: sheet.also,
		releasedAt: revision.releasedAt,
		newer: last && last.code !== code ? last.code : null,
		tells: sheet.configuration.tells ?? [],
		sockets: sheet.kit.sockets,
		places: [...sheet.kit.lamps, ...sheet.kit.parts].map((line) => ({
			places: line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle',
			name: line.name,
			pieces: line.count - line.spare,
			solves: line.verdict ? null : line.solves
		})),
		wires: wiresOf(sheet),
		stays: sheet.kit.open.map(({ name, why }) => ({ name, why })),
		cautions: CAUTIONS,
		policy: policySentences(sheet.policy, sheet.order.exception)
	};
}
