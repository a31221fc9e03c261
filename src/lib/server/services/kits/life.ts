import type { Knex } from 'knex';
import { shopDay } from '../../shop-time';
import type { Accessory, Complaint, Configuration, KitOrder, Policy, Product } from '../../../core/model';
import { checkKit, NEW_LIFE, reasonsAgainst, type KitAnswer, type KitLife } from '../../../core/kit';
import { err, ok, type Result } from '../../../core/result';
import { vehicleName } from '../../../core/vehicle';
import { signaturesWanted, staleWords, unprovedLines } from '../../../core/views';
import { configurationsOf, findConfigurations } from '../../repositories/configurations';
import { change } from '../../db/change';
import { branchNames } from '../../repositories/branches';
import { findKit, updateKit, type StoredKit } from '../../repositories/kits';
import { addRevision, listRevisions, type KitRevision } from '../../repositories/kit-revisions';
import { complaintsAbout } from '../../repositories/complaints';
import { announce } from '../webhooks';
import { readCurrency } from '../policy';
import { draftOf, staleness, type KitContext } from './context';
import { dataOfKit } from './data';
import { reorderKit } from './draft';
import { clashOf, land, standingMark, untilLanded } from './landing';

/** A released kit as it was frozen, with every fact it stood on. */
export interface FrozenKit {
	name: string;
	/** Name of the branch it is of; nothing where a shop stands alone. */
	branch?: string | null;
	vehicle: string;
	configuration: Configuration;
	order: KitOrder;
	answer: KitAnswer;
	policy: Policy;
	currency: string;
	life: KitLife;
	products: Product[];
	accessories: Accessory[];
	complaints: Complaint[];
	/** Names of the other vehicles it does for. */
	also: string[];
}

/** Marks a draft as checked: it holds by the independent check, and what wants a hand has a name and what was found. */
export async function checkDraft(
	ctx: KitContext,
	id: string,
	{ by, found, sight }: { by: string; found: Readonly<Record<string, string>>; sight?: string | undefined }
): Promise<Result<StoredKit, string>> {
	return untilLanded(async () => {
		const draft = await draftOf(ctx.db, id);
		if (!draft.ok) return draft;
		const { kit, configuration } = draft.value;
		const clash = clashOf(kit, sight);
		if (clash) return err(clash);
		const facts = await standingMark(ctx.db, kit);
		const { catalogue, shop } = await dataOfKit(ctx.db, kit);
		const stale = await staleness(ctx.db, draft.value);
		if (stale.length > 0) return err(`${staleWords(stale)} Solve it again, then check it.`);
		if (kit.answer.lines.length === 0) return err('The kit is empty: there is nothing to check.');
		if (by === '') return err('Write the name of whoever checked it.');
		const [wrong] = checkKit({ answer: kit.answer, order: kit.order, configuration, catalogue, shop });
		if (wrong) return err(`The kit does not hold: ${wrong}. Solve it again.`);
		const order = { ...shop, exception: kit.order.exception };
		const [unproved] = unprovedLines(configuration, kit.answer, { shop: order, find: catalogue.find });
		if (unproved)
			return err(
				`The shop's policy wants a beam check for ${unproved.name} (${unproved.place.toLowerCase()}): make it under Prove, or sign an exception from the policy.`
			);
		const signOffs = signaturesWanted(kit.answer, configuration).map(({ id: about, what }) => ({
			id: about,
			what,
			found: found[about]?.trim() ?? ''
		}));
		const unsigned = signOffs.find((s) => s.found === '');
		if (unsigned) return err(`Write what you found for: ${unsigned.what}`);
		const life = { ...kit.life, checked: { by, on: shopDay(ctx.now()), signOffs } };
		const next: StoredKit = { ...kit, state: 'checked', life, updatedAt: ctx.now() };
		const landed = await land(ctx.db, { next, facts }, async () => null);
		return landed && ok(landed.kit);
	});
}

/** Other configurations of the shop, and why a kit does not do for each; no reasons where it does. */
export async function alsoFor(
	ctx: KitContext,
	id: string
): Promise<Result<{ configuration: string; name: string; reasons: string[] }[], string>> {
	const draft = await draftOf(ctx.db, id);
	if (!draft.ok) return draft;
	const { kit, configuration } = draft.value;
	const { make, model } = configuration;
	const others = (await configurationsOf(ctx.db, { make, model })).filter((c) => c.id !== configuration.id);
	const { catalogue, shop } = await dataOfKit(ctx.db, kit);
	return ok(
		others.map((other) => ({
			configuration: other.id,
			name: vehicleName(other),
			reasons: reasonsAgainst({ answer: kit.answer, order: kit.order, configuration, catalogue, shop }, other)
		}))
	);
}

/** Says for which other configurations a kit is valid; only those it does for are taken. */
export async function setAlso(
	ctx: KitContext,
	id: string,
	{ ids, sight }: { ids: readonly string[]; sight?: string | undefined }
): Promise<Result<StoredKit, string>> {
	return untilLanded(async () => {
		const [draft, others] = [await draftOf(ctx.db, id), await alsoFor(ctx, id)];
		if (!draft.ok) return draft;
		if (!others.ok) return others;
		const { kit } = draft.value;
		const clash = clashOf(kit, sight);
		if (clash) return err(clash);
		const against = others.value.find((o) => ids.includes(o.configuration) && o.reasons.length > 0);
		if (against) return err(`It does not do for ${against.name}: ${against.reasons[0]}.`);
		const next = { ...kit, life: { ...kit.life, also: [...ids] }, updatedAt: ctx.now() };
		const landed = await land(ctx.db, { next }, async () => null);
		return landed && ok(landed.kit);
	});
}

async function frozenOf(db: Knex, kit: StoredKit, configuration: Configuration): Promise<FrozenKit> {
	const { catalogue, shop } = await dataOfKit(db, kit);
	const ids = new Set(kit.answer.lines.flatMap((l) => l.product ?? l.accessory ?? []));
	const products = [...ids].flatMap((id) => catalogue.find(id)?.record ?? []);
	return {
		name: kit.name,
		branch: (await branchNames(db))(kit.branch),
		vehicle: vehicleName(configuration),
		configuration,
		order: kit.order,
		answer: kit.answer,
		policy: shop.policy,
		currency: await readCurrency(db),
		life: kit.life,
		products,
		accessories: shop.accessories.filter((a) => ids.has(a.id)),
		complaints: await complaintsAbout(
			db,
			products.map(({ id }) => id)
		),
		also: (await findConfigurations(db, kit.life.also)).map(vehicleName)
	};
}

/** Freezes a checked kit as its next revision, with a code. The revision before it is superseded, and stays as it was. */
export async function releaseKit(
	ctx: KitContext,
	id: string,
	sight?: string | undefined
): Promise<Result<KitRevision, string>> {
	return untilLanded(async () => {
		const found = await draftOf(ctx.db, id);
		if (!found.ok) return found;
		const { kit, configuration } = found.value;
		const clash = clashOf(kit, sight);
		if (clash) return err(clash);
		const facts = await standingMark(ctx.db, kit);
		const stale = await staleness(ctx.db, found.value);
		if (stale.length > 0) return err(`${staleWords(stale)} Solve it again, check it, then release.`);
		if (kit.state !== 'checked') return err('The kit is not checked yet: check it, then release.');
		const document = await frozenOf(ctx.db, kit, configuration);
		const releasedAt = ctx.now();
		const next: StoredKit = { ...kit, state: 'released', updatedAt: releasedAt };
		const landed = await land(ctx.db, { next, facts }, async (tx) => {
			const revision = (await listRevisions(tx, id)).length + 1;
			const released: KitRevision = { kitId: id, revision, code: ctx.newCode(), releasedAt, document };
			await addRevision(tx, released);
			await announce(tx, 'kit.released', {
				at: releasedAt,
				kit: id,
				code: released.code,
				revision,
				name: kit.name,
				total: kit.answer.total,
				configuration: configuration.id,
				vehicle: document.vehicle
			});
			return released;
		});
		return landed && ok(landed.value);
	});
}

/** Starts the next revision of a released kit as a draft by the facts of today. What was released stays valid until the new one is. */
export async function reviseKit(ctx: KitContext, id: string): Promise<Result<StoredKit, string>> {
	const begun = await change(ctx.db, async (tx) => {
		const kit = await findKit(tx, id);
		if (!kit) return err(`There is no kit "${id}".`);
		if (kit.state !== 'released') return err('A revision is under way already.');
		const draft = await updateKit(tx, { ...kit, state: 'draft', life: NEW_LIFE });
		return draft ? ok(draft) : err('The kit was changed at the same moment. Nothing was written; try again.');
	});
	if (!begun.ok) return begun;
	// A draft that cannot be worked out today is a draft all the same.
	const again = await reorderKit(ctx, id, { change: (order) => order });
	return again.ok ? again : begun;
}

/** Drops a revision that is under way: the kit is again as it was released. */
export async function dropRevision(
	ctx: KitContext,
	id: string,
	sight?: string | undefined
): Promise<Result<StoredKit, string>> {
	return change(ctx.db, async (tx) => {
		const draft = await draftOf(tx, id);
		if (!draft.ok) return draft;
		const { kit } = draft.value;
		const clash = clashOf(kit, sight);
		if (clash) return err(clash);
		const last = (await listRevisions(tx, id)).at(-1);
		if (!last) return err('This kit was never released: there is nothing to go back to.');
		const { order, answer, life } = last.document as FrozenKit;
		const back = await updateKit(tx, { ...kit, state: 'released', order, answer, life, updatedAt: ctx.now() });
		return back ? ok(back) : err('The kit was changed at the same moment. Nothing was written; try again.');
	});
}
