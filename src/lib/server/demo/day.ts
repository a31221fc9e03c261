import type { Knex } from 'knex';
import { kitOrder, type KitOrder } from '../../core/model';
import { dayAfter } from './year/random';
import type { Result } from '../../core/result';
import { signaturesWanted } from '../../core/views';
import { changeAlways } from '../db/change';
import { findConfiguration } from '../repositories/configurations';
import { countAsked } from '../repositories/demand';
import { askCounter } from '../services/counter';
import { askedIn } from '../services/counter-log';
import { checkDraft, releaseKit, startKit, type KitContext } from '../services/kits';
import { kitWorkOn } from '../services/kits/work';
import { quoteKit, stepSale, type SaleAction } from '../services/sales';
import { shopDay } from '../shop-time';
import { highsSolver } from '../solver/highs';

const HAUL = 'aldring-haul-2012';
const REFLECTOR = 'fenholm-skerry-ii-2017-reflector';
const SKERRY_I = 'fenholm-skerry-i-2012';

/** A kit somebody has in hand: how far it has come, and what customers want of it. */
interface InHand {
	id: string;
	code: string;
	vehicle: string;
	name: string;
	scope: KitOrder['scope'];
	by: string;
	isReleased: boolean;
	sales: readonly { id: string; customer: string; steps: (today: string) => SaleAction[] }[];
}

const IN_HAND: readonly InHand[] = [
	{
		id: 'KHAUL22',
		code: 'HARB-QUAY-7K2M',
		vehicle: HAUL,
		name: 'Ferry line, whole trailer',
		scope: 'vehicle',
		by: 'A. Lindgard',
		isReleased: true,
		sales: [
			{ id: 'SFERRY1', customer: 'Ferry line, yard 2', steps: () => [{ kind: 'order' }, { kind: 'pick' }] },
			{
				id: 'SFERRY2',
				customer: 'Ferry line, yard 3',
				steps: (today) => [{ kind: 'reserve', until: dayAfter(today, 1) }]
			},
			{ id: 'SFISH01', customer: 'Fish market', steps: () => [{ kind: 'lose', because: 'price' }] }
		]
	},
	{
		id: 'KSKER11',
		code: 'SKER-CAB3-9WQ4',
		vehicle: SKERRY_I,
		name: 'Cabin',
		scope: 'cabin',
		by: 'M. Tveter',
		isReleased: true,
		sales: [{ id: 'SPILOT1', customer: 'Harbour pilots', steps: () => [{ kind: 'order' }] }]
	},
	{
		id: 'KREFL17',
		code: 'REFL-CAB5-3XRD',
		vehicle: REFLECTOR,
		name: 'Cabin, whiter',
		scope: 'cabin',
		by: 'M. Tveter',
		isReleased: false,
		sales: []
	}
];

/** What people asked at the counter in the last weeks, and how often. */
const ASKED: readonly (readonly [line: string, times: number])[] = [
	['skerry 2018 rear indicator', 6],
	['skerry 2018 low beam', 9],
	['sound third brake light', 4],
	['packhorse dome', 7],
	['ferryman side marker', 3],
	['tarn fog', 5],
	['fjell low beam', 2],
	['haul tail', 4]
];

/** What goes wrong here is a fault of the demo. */
function must<T>(done: Result<T, string>): T {
	if (!done.ok) throw new Error(`The day of the demo does not hold together: ${done.error}`);
	return done.value;
}

function contextOf(db: Knex, now: string, { id, code }: InHand): KitContext {
	return {
		db,
		work: kitWorkOn(db, highsSolver),
		now: () => now,
		newId: () => id,
		newCode: () => code,
		watched: (_, work) => work({})
	};
}

async function takeInHand(db: Knex, now: string, kit: InHand): Promise<void> {
	const ctx = contextOf(db, now, kit);
	const { answer } = must(
		await startKit(ctx, kit.vehicle, { name: kit.name, order: kitOrder.parse({ scope: kit.scope, balance: 'price' }) })
	);
	const vehicle = await findConfiguration(db, kit.vehicle);
	const found = Object.fromEntries(
		(vehicle ? signaturesWanted(answer, vehicle) : []).map(({ id }) => [id, 'looked at it'])
	);
	must(await checkDraft(ctx, kit.id, { by: kit.by, found }));
	if (!kit.isReleased) return;
	must(await releaseKit(ctx, kit.id));
	const actor = { by: kit.by, now };
	for (const { id, customer, steps } of kit.sales) {
		must(await quoteKit(db, { id, code: kit.code, customer }, actor));
		for (const action of steps(shopDay(now))) must(await stepSale(db, { id, action }, actor));
	}
}

async function askedLately(db: Knex, now: string): Promise<void> {
	for (const [i, [line, times]] of ASKED.entries()) {
		const reply = await askCounter(db, line);
		const asked = await askedIn(db, reply, dayAfter(shopDay(now), -i));
		await changeAlways(db, (tx) =>
			countAsked(
				tx,
				asked.map((one) => ({ ...one, count: (one.count ?? 1) * times }))
			)
		);
	}
}

/** A working day of the demo: kits checked and released, quotes out, an order to pick, a kit to hand over, and what was asked at the counter. */
export async function demoDay(db: Knex, now: string): Promise<void> {
	for (const kit of IN_HAND) await takeInHand(db, now, kit);
	await askedLately(db, now);
}
