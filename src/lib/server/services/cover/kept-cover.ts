import type { Knex } from 'knex';
import { LiveCover, shelvesOf, type Cover } from '../../../core/cover';
import { assumedForPlaces, productView, RULE_IDS, type ProductCase } from '../../../core/match';
import { rememberingLens } from '../../../core/optics';
import { seenFrom } from '../../db/branch';
import { asOfNow, changeAlways, type Tx } from '../../db/change';
import { fingerprint } from '../../fingerprint';
import {
	addToTables,
	allIds,
	clearCover,
	countRows,
	coveredVehicles,
	coverState,
	judgedProducts,
	keptTables,
	marksAfter,
	putCoveredVehicles,
	putCoverState,
	putJudgedProducts,
	putVerdicts,
	removeCoveredVehicles,
	takeCoverStep,
	type JudgedProduct,
	type KeptVehicle
} from '../../repositories/cover';
import { findConfigurations } from '../../repositories/configurations';
import { findProducts } from '../../repositories/products';
import { shopRules } from '../catalogue';
import { prepared } from '../shelves';

/** Where the work on a cover stands. */
export interface CoverProgress {
	phase: 'products' | 'vehicles' | 'judging' | 'done';
	done: number;
	of: number;
}

/** Raised when rules come to other answers by the same facts, so that what was kept is worked out anew. */
const RULES_VERSION = 1;
/** Vehicles read and planned before somebody else gets a turn, and products. */
const VEHICLES_AT_A_TIME = 40;
const PRODUCTS_AT_A_TIME = 250;
/** So many changed products are judged one by one; of more, the places they can enter are judged whole. */
const FEW = 6;

/** The mark of a vehicle that has to be put again. */
const AGAIN = -1;

/** What rules read of a product, in short. */
const signOf = (product: ProductCase): string =>
	fingerprint([shelvesOf(product), RULE_IDS.map((rule) => productView(rule, product))]);

/** The mark up to which nothing can be new: things are put in the order of their marks, and of those of the last one some may be missing. */
function unchangedUpTo(marks: Iterable<number>): number {
	let newest = 0;
	for (const mark of marks) {
		if (mark === AGAIN) return AGAIN;
		newest = Math.max(newest, mark);
	}
	return newest - 1;
}

/** Another process works on the same cover. */
export class Overtaken extends Error {}

/** A cover with all that its database keeps of it. Every step is written before the next begins, so that a run that is cut off goes on. */
export class KeptCover {
	private readonly products = new Map<string, JudgedProduct>();
	private readonly vehicleMarks = new Map<string, number>();
	private kept = { views: 0, places: 0, traits: 0 };
	private snapshot: Cover | null = null;
	/** Steps that were written when it was read, and by it since. */
	private step = 0;

	private constructor(
		private readonly db: Knex,
		private readonly live: LiveCover,
		private readonly rules: string
	) {}

	/** What a cover of this shop is judged by, in short: of a chain, the policy of its first branch. What a part costs and how many there are is not. */
	static async rulesOf(db: Knex): Promise<string> {
		const { policy, assumptions, accessories } = (await shopRules(seenFrom(db, null))).shop;
		const parts = accessories.map(({ packs: _packs, ...part }) => part);
		return fingerprint([RULES_VERSION, RULE_IDS, policy, assumptions, parts]);
	}

	/** The cover as it was kept; empty where nothing was, or where the rules of the shop were others. */
	static async open(db: Knex): Promise<KeptCover> {
		const rules = await KeptCover.rulesOf(db);
		const { shop } = await shopRules(db);
		const live = new LiveCover({ shop, assumed: assumedForPlaces(shop.assumptions), through: rememberingLens() });
		const cover = new KeptCover(db, live, rules);
		const state = await coverState(db);
		if (state?.rules === rules) await cover.restore();
		else
			await changeAlways(db, async (tx) => {
				await clearCover(tx);
				await putCoverState(tx, { rules, startedAt: null, finishedAt: null });
				await takeCoverStep(tx, state?.step ?? 0);
				cover.step = (await coverState(tx))?.step ?? 0;
			});
		return cover;
	}

	/** True as long as the rules of the shop are those it is judged by. */
	async isOfToday(): Promise<boolean> {
		return this.rules === (await KeptCover.rulesOf(this.db));
	}

	/** True when all that is written was written by it, or had been before it was read. */
	async isAlone(): Promise<boolean> {
		return (await coverState(this.db))?.step === this.step;
	}

	/** Writes a step. @throws Overtaken when another process has written one meanwhile: what is known here is not what is kept any more */
	private async write(work: (tx: Tx) => Promise<void>): Promise<void> {
		await changeAlways(this.db, async (tx) => {
			if (!(await takeCoverStep(tx, this.step))) throw new Overtaken();
			await work(tx);
		});
		this.step += 1;
	}

	private async restore(): Promise<void> {
		const read = await asOfNow(this.db, async (db) => ({
			step: (await coverState(db))?.step ?? 0,
			tables: await keptTables(db),
			judged: await judgedProducts(db),
			vehicles: await coveredVehicles(db)
		}));
		const { judged, vehicles } = read;
		const { rows, ...tables } = read.tables;
		this.step = read.step;
		const ids = judged.flatMap(({ id }) => id ?? []);
		const cases = new Map((await this.casesOf(ids)).map((product) => [product.record.id as string, product]));
		this.live.restore({
			...tables,
			rows,
			products: judged.map(({ number, id, categories }) => ({
				number,
				categories,
				product: (id === null ? undefined : cases.get(id)) ?? null
			})),
			vehicles: vehicles.map(({ vehicle }) => vehicle)
		});
		this.kept = { views: tables.views.length, places: tables.places.length, traits: tables.traits.length };
		for (const product of judged) if (product.id !== null) this.products.set(product.id, product);
		for (const { vehicle, mark } of vehicles) this.vehicleMarks.set(vehicle.facts.id, mark);
	}

	private async casesOf(ids: readonly string[]): Promise<ProductCase[]> {
		const cases: ProductCase[] = [];
		for (let at = 0; at < ids.length; at += PRODUCTS_AT_A_TIME)
			cases.push(...(await prepared(this.db, await findProducts(this.db, ids.slice(at, at + PRODUCTS_AT_A_TIME)))));
		return cases;
	}

	/** Everything as it stood after the last whole run, for questions. */
	get cover(): Cover {
		this.snapshot ??= this.live.snapshot();
		return this.snapshot;
	}

	/** Brings it up to what is on record now. @yields where it stands, after each step that was written */
	async *catchUp(): AsyncGenerator<CoverProgress> {
		yield* this.takeProducts();
		yield* this.takeVehicles();
		yield* this.judge();
		this.snapshot = this.live.snapshot();
		yield { phase: 'done', done: 1, of: 1 };
	}

	private async *takeProducts(): AsyncGenerator<CoverProgress> {
		const changed = await this.changedProducts();
		for (let at = 0; at < changed.length; at += PRODUCTS_AT_A_TIME) {
			const part = changed.slice(at, at + PRODUCTS_AT_A_TIME);
			await this.putProducts(part, changed.length <= FEW);
			yield { phase: 'products', done: at + part.length, of: changed.length };
		}
		if ((await countRows(this.db, 'products')) !== this.products.size) await this.dropProducts();
	}

	/** Products that were written since, in the order of their marks: those of one mark may have been cut off between. */
	private async changedProducts(): Promise<{ id: string; mark: number }[]> {
		const marks = Array.from(this.products.values(), ({ mark }) => mark);
		const written = await marksAfter(this.db, 'products', unchangedUpTo(marks));
		return written.filter(({ id, mark }) => this.products.get(id)?.mark !== mark);
	}

	private async putProducts(part: readonly { id: string; mark: number }[], few: boolean): Promise<void> {
		const marks = new Map(part.map(({ id, mark }) => [id, mark]));
		const cases = await this.casesOf(part.map(({ id }) => id));
		const again = this.live.vehiclesWith(cases);
		const before = new Map(cases.map(({ record: { id } }) => [id as string, this.products.get(id)]));
		const signs = new Map(cases.map((product) => [product, signOf(product)]));
		const isOther = (product: ProductCase) => signs.get(product) !== before.get(product.record.id)?.sign;
		this.live.putProducts(cases.filter((product) => !isOther(product)));
		const others = cases.filter(isOther);
		const due = few
			? others.flatMap((product) => this.live.putProduct(product, true))
			: this.live.putProducts(others, true);
		const judged = cases.map((product): JudgedProduct => {
			const { id } = product.record;
			const number = this.live.numberOf(id) ?? 0;
			return { number, id, categories: shelvesOf(product), sign: signs.get(product) ?? '', mark: marks.get(id) ?? 0 };
		});
		const retired = judged.flatMap(({ id, number }) => {
			const old = before.get(id ?? '');
			return old && old.number !== number ? [{ ...old, id: null }] : [];
		});
		await this.write(async (tx) => {
			await putJudgedProducts(tx, [...retired, ...judged]);
			await putVerdicts(
				tx,
				due.map((number) => ({ number, verdicts: this.live.rowOf(number) }))
			);
			// What was found on them is worked out with them.
			for (const id of again) await tx('cover_vehicles').where({ configuration_id: id }).update({ mark: AGAIN });
		});
		for (const product of judged) this.products.set(product.id ?? '', product);
		for (const id of again) this.vehicleMarks.set(id, AGAIN);
	}

	private async dropProducts(): Promise<void> {
		const there = await allIds(this.db, 'products');
		const gone = [...this.products.values()].filter(({ id }) => !there.has(id ?? ''));
		await this.write((tx) =>
			putJudgedProducts(
				tx,
				gone.map((product) => ({ ...product, id: null }))
			)
		);
		for (const { id } of gone) {
			this.live.dropProduct(id ?? '');
			this.products.delete(id ?? '');
		}
	}

	private async *takeVehicles(): AsyncGenerator<CoverProgress> {
		const changed = await this.changedVehicles();
		for (let at = 0; at < changed.length; at += VEHICLES_AT_A_TIME) {
			const part = changed.slice(at, at + VEHICLES_AT_A_TIME);
			await this.putVehicles(part);
			yield { phase: 'vehicles', done: at + part.length, of: changed.length };
		}
		if ((await countRows(this.db, 'configurations')) !== this.vehicleMarks.size) await this.dropVehicles();
	}

	/** Vehicles whose record was written since, those nobody has put yet, and those that have to be put again. */
	private async changedVehicles(): Promise<{ id: string; mark: number }[]> {
		const written = await marksAfter(this.db, 'configurations', unchangedUpTo(this.vehicleMarks.values()));
		return written.filter(({ id, mark }) => this.vehicleMarks.get(id) !== mark);
	}

	private async putVehicles(part: readonly { id: string; mark: number }[]): Promise<void> {
		const marks = new Map(part.map(({ id, mark }) => [id, mark]));
		const configurations = await findConfigurations(this.db, [...marks.keys()]);
		const vehicles = configurations.map((configuration): KeptVehicle => ({
			vehicle: this.live.putVehicle(configuration),
			mark: marks.get(configuration.id) ?? 0
		}));
		const { views, places, traits } = this.live.tables;
		await this.write(async (tx) => {
			await addToTables(tx, { views, places, traits }, this.kept);
			await putCoveredVehicles(tx, vehicles);
		});
		this.kept = { views: views.length, places: places.length, traits: traits.length };
		for (const { vehicle, mark } of vehicles) this.vehicleMarks.set(vehicle.facts.id, mark);
	}

	private async dropVehicles(): Promise<void> {
		const there = await allIds(this.db, 'configurations');
		const gone = [...this.vehicleMarks.keys()].filter((id) => !there.has(id));
		await this.write((tx) => removeCoveredVehicles(tx, gone));
		for (const id of gone) {
			this.live.dropVehicle(id);
			this.vehicleMarks.delete(id);
		}
	}

	private async *judge(): AsyncGenerator<CoverProgress> {
		const { due } = this.live.counts;
		let done = 0;
		for (const places of this.live.work()) {
			await this.write((tx) =>
				putVerdicts(
					tx,
					places.map((number) => ({ number, verdicts: this.live.rowOf(number) }))
				)
			);
			done += places.length;
			yield { phase: 'judging', done, of: due };
		}
	}
}
