import type { Knex } from 'knex';
import { shopDay } from '../../shop-time';
import type { Accessory, Complaint, Configuration, KitOrder, Policy, Product } from '../../../core/model';
import { checkKit, NEW_LIFE, reasonsAgainst, type KitAnswer, type KitLife } from '../../../core/kit';
import { err, ok, type Result } from '../../../core/result';
import { vehicleName } from '../../../core/vehicle';
import { signaturesWanted } from '../../../core/views';
import { listConfigurations } from '../../repositories/configurations';
import { addRevision, findKit, listRevisions, putKit, type KitRevision, type StoredKit } from '../../repositories/kits';
import { listRecords } from '../../repositories/records';
import { shopData } from '../catalogue';
import { readCurrency } from '../policy';
import { draftOf, solved, type KitContext } from './context';

/** A released kit as it was frozen, with every fact it stood on. */
export interface FrozenKit {
	name: string;
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
	{ by, found }: { by: string; found: Readonly<Record<string, string>> }
): Promise<Result<StoredKit, string>> {
	const draft = await draftOf(ctx, id);
	if (!draft.ok) return draft;
	const { kit, configuration } = draft.value;
	const { catalogue, shop, version } = await shopData(ctx.db);
	if (kit.dataVersion !== version)
		return err('Facts have changed since this kit was worked out: solve it again, then check it.');
	if (kit.answer.lines.length === 0) return err('The kit is empty: there is nothing to check.');
	if (by === '') return err('Write the name of whoever checked it.');
	const wrong = checkKit({ answer: kit.answer, order: kit.order, configuration, catalogue, shop });
	const [first] = wrong;
	if (first) return err(`The kit does not hold: ${first}. Solve it again.`);
	const signOffs = signaturesWanted(kit.answer, configuration).map(({ id: about, what }) => ({
		id: about,
		what,
		found: found[about]?.trim() ?? ''
	}));
	const unsigned = signOffs.find((s) => s.found === '');
	if (unsigned) return err(`Write what you found for: ${unsigned.what}`);
	const life = { ...kit.life, checked: { by, on: shopDay(ctx.now()), signOffs } };
	const checked: StoredKit = { ...kit, state: 'checked', life, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, checked));
	return ok(checked);
}

/** Other configurations of the shop, and why a kit does not do for each; no reasons where it does. */
export async function alsoFor(
	ctx: KitContext,
	id: string
): Promise<Result<{ configuration: string; name: string; reasons: string[] }[], string>> {
	const draft = await draftOf(ctx, id);
	if (!draft.ok) return draft;
	const { kit, configuration } = draft.value;
	const { catalogue, shop } = await shopData(ctx.db);
	const others = (await listConfigurations(ctx.db)).filter(
		(c) => c.id !== configuration.id && c.make === configuration.make && c.model === configuration.model
	);
	return ok(
		others.map((other) => ({
			configuration: other.id,
			name: vehicleName(other),
			reasons: reasonsAgainst({ answer: kit.answer, order: kit.order, configuration, catalogue, shop }, other)
		}))
	);
}

/** Says for which other configurations a kit is valid; only those it does for are taken. */
export async function setAlso(ctx: KitContext, id: string, ids: readonly string[]): Promise<Result<StoredKit, string>> {
	const [draft, others] = [await draftOf(ctx, id), await alsoFor(ctx, id)];
	if (!draft.ok) return draft;
	if (!others.ok) return others;
	const against = others.value.find((o) => ids.includes(o.configuration) && o.reasons.length > 0);
	if (against) return err(`It does not do for ${against.name}: ${against.reasons[0]}.`);
	const { kit } = draft.value;
	const changed = { ...kit, life: { ...kit.life, also: [...ids] }, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, changed));
	return ok(changed);
}

async function frozenOf(db: Knex, kit: StoredKit, configuration: Configuration): Promise<FrozenKit> {
	const { catalogue, shop } = await shopData(db);
	const ids = new Set(kit.answer.lines.flatMap((l) => l.product ?? l.accessory ?? []));
	const all = await listConfigurations(db);
	return {
		name: kit.name,
		vehicle: vehicleName(configuration),
		configuration,
		order: kit.order,
		answer: kit.answer,
		policy: shop.policy,
		currency: await readCurrency(db),
		life: kit.life,
		products: catalogue.all.map(({ record }) => record).filter((p) => ids.has(p.id)),
		accessories: shop.accessories.filter((a) => ids.has(a.id)),
		complaints: await listRecords(db, 'complaints'),
		also: all.filter((c) => kit.life.also.includes(c.id)).map(vehicleName)
	};
}

/** Freezes a checked kit as its next revision, with a code. The revision before it is superseded, and stays as it was. */
export async function releaseKit(ctx: KitContext, id: string): Promise<Result<KitRevision, string>> {
	const found = await draftOf(ctx, id);
	if (!found.ok) return found;
	const { kit, configuration } = found.value;
	const { version } = await shopData(ctx.db);
	if (kit.dataVersion !== version)
		return err('Facts have changed since this kit was worked out: solve it again, check it, then release.');
	if (kit.state !== 'checked') return err('The kit is not checked yet: check it, then release.');
	const revision = (await listRevisions(ctx.db, id)).length + 1;
	const document = await frozenOf(ctx.db, kit, configuration);
	const now = ctx.now();
	const released: KitRevision = { kitId: id, revision, code: `${id}-R${revision}`, releasedAt: now, document };
	await ctx.db.transaction(async (tx) => {
		await addRevision(tx, released);
		await putKit(tx, { ...kit, state: 'released', updatedAt: now });
	});
	return ok(released);
}

/** Starts the next revision of a released kit as a draft by the facts of today. What was released stays valid until the new one is. */
export async function reviseKit(ctx: KitContext, id: string): Promise<Result<StoredKit, string>> {
	const kit = await findKit(ctx.db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	if (kit.state !== 'released') return err('A revision is under way already.');
	const draft: StoredKit = { ...kit, state: 'draft', life: NEW_LIFE };
	await ctx.db.transaction((tx) => putKit(tx, draft));
	const opened = await draftOf(ctx, id);
	const again = opened.ok
		? await solved(ctx, id, { configuration: opened.value.configuration, order: kit.order })
		: opened;
	if (!again.ok) return ok(draft);
	const { answer, version } = again.value;
	const fresh = { ...draft, answer, dataVersion: version, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, fresh));
	return ok(fresh);
}

/** Drops a revision that is under way: the kit is again as it was released. */
export async function dropRevision(ctx: KitContext, id: string): Promise<Result<StoredKit, string>> {
	const draft = await draftOf(ctx, id);
	if (!draft.ok) return draft;
	const last = (await listRevisions(ctx.db, id)).at(-1);
	if (!last) return err('This kit was never released: there is nothing to go back to.');
	const { order, answer, life } = last.document as FrozenKit;
	const back: StoredKit = { ...draft.value.kit, state: 'released', order, answer, life, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, back));
	return ok(back);
}
