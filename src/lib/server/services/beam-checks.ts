import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import type { CheckOutcome } from '../../core/beam';
import { checkedThings, unitPlace } from '../../core/match';
import type { ProofOf } from '../../core/model';
import { err, ok, type Result } from '../../core/result';
import { gatheredCheck } from '../../core/views';
import { shopDay } from '../shop-time';
import { keepProof } from './proofs';
import type { ProveView } from './prove';
import type { Actor } from './record/store';

/** What is signed, and by whom. */
interface Signed {
	socket: string;
	product: string;
	by: string;
	note: string;
	actor: Actor;
}

/**
 * Signs a beam check: what is on record of a lamp in a place is gathered here, never taken from a page, and kept with what lamp and lamp unit are like
 * today. An honest no is kept like a yes; what was not measured cannot be signed.
 */
export async function signCheck(
	db: Knex,
	prove: ProveView,
	{ socket: socketId, product: productId, by, note, actor }: Signed
): Promise<Result<CheckOutcome, string>> {
	const { configuration, places, products, proofs, shop } = prove;
	const place = places.find(({ sockets, isBeam }) => isBeam && sockets.includes(socketId));
	const socket = configuration.sockets.find(({ id }) => id === place?.socket);
	const product = products.find(({ id }) => id === productId);
	if (!place || !socket || !product)
		return err('Choose a place that throws a beam, and the lamp that was measured in it.');
	const { parts, check } = gatheredCheck(configuration, { proofs, place, product: productId, shop, by });
	if (check.outcome === 'open') {
		const open = check.rules.filter(({ isMet }) => isMet === null).map(({ label }) => label.toLowerCase());
		return err(`This cannot be signed yet: ${open.join(', ')} still open. Nothing was kept.`);
	}
	const unit = unitPlace(socket);
	const record = {
		...parts,
		kind: 'beam-check',
		id: `P${randomBytes(6).toString('hex')}`,
		configuration: configuration.id,
		on: shopDay(actor.now),
		by,
		socket: socket.id,
		product: product.id,
		...(unit === undefined ? {} : { unit }),
		...(note === '' ? {} : { note }),
		about: checkedThings(product, socket)
	} as ProofOf<'beam-check'>;
	const kept = await keepProof(db, record, { finished: false, actor });
	return kept.ok ? ok(check.outcome) : kept;
}
