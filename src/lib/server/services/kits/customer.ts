import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import { readAnswer } from '../../../core/kit';
import { kitView, policySentences, wiresOf, type FitUpView, type SocketView } from '../../../core/views';
import { findRevision, listRevisions } from '../../repositories/kit-revisions';
import { highsSolver } from '../../solver/highs';
import { fitUpOf, type KitWithRecords } from './fit-up-of';
import type { FrozenKit } from './life';
import { wiresIn } from './show';

/** What a customer sees of a released kit: no prices, no names of the shop's people, nothing that can be changed. */
export interface CustomerKit {
	code: string;
	/** Branch it is from; null where a shop stands alone. */
	branch: string | null;
	vehicle: string;
	also: string[];
	releasedAt: string;
	/** Code of a later revision, when there is one. */
	newer: string | null;
	tells: string[];
	sockets: SocketView[];
	places: { places: string; name: string; pieces: number; solves: string | null }[];
	wires: string[];
	stays: string[];
	cautions: readonly string[];
	/** The work, for somebody who fits at home. */
	plan: FitUpView;
	policy: string[];
}

/** Plans of released kits, which never change. */
const plans = new LRUCache<string, FitUpView>({ max: 100 });

async function planOfRevision(code: string, kit: KitWithRecords): Promise<FitUpView> {
	const known = plans.get(code);
	if (known) return known;
	const plan = await fitUpOf(kit, highsSolver);
	plans.set(code, plan);
	return plan;
}

/** The released kit of a code, as it was frozen and as a customer sees it; null when no revision was released under it. */
export async function customerKit(db: Knex, code: string): Promise<CustomerKit | null> {
	const revision = await findRevision(db, code);
	if (!revision) return null;
	const frozen = revision.document as FrozenKit;
	const { configuration, order, policy, products = [], accessories = [], also = [] } = frozen;
	const answer = readAnswer(frozen.answer);
	const kit = kitView(configuration, answer, { products, choices: order.choices });
	const plan = await planOfRevision(code, { configuration, answer, records: { products, accessories } });
	const last = (await listRevisions(db, revision.kitId)).at(-1);
	return {
		code,
		branch: frozen.branch ?? null,
		vehicle: frozen.vehicle,
		also,
		releasedAt: revision.releasedAt,
		newer: last && last.code !== code ? last.code : null,
		tells: configuration.tells ?? [],
		sockets: kit.sockets,
		places: [...kit.lamps, ...kit.parts].map((line) => ({
			places: line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle',
			name: line.name,
			pieces: line.count - line.spare,
			solves: line.verdict ? null : line.solves
		})),
		wires: wiresOf({ kit, wires: wiresIn(answer, accessories) }),
		stays: kit.open.map(({ name }) => name),
		cautions: plan.cautions,
		plan,
		policy: policySentences(policy, order.exception)
	};
}
