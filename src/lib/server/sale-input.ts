import { z } from 'zod';
import { LOST_REASONS, RETURN_REASONS } from '$lib/core/sale';
import { err, ok, type Result } from '$lib/core/result';
import type { SaleAction } from './services/sales';

const MOST_PACKS = 1000;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** Packs that came back, from fields named `packs:SKU`. */
function packsIn(form: FormData): Result<Map<string, number>, string> {
	const packs = new Map<string, number>();
	for (const [name, value] of form) {
		if (!name.startsWith('packs:') || value === '') continue;
		const count = Number(value);
		if (!Number.isInteger(count) || count < 0 || count > MOST_PACKS)
			return err(`“${String(value)}” is no number of packs.`);
		packs.set(name.slice('packs:'.length), count);
	}
	return ok(packs);
}

/** Steps by the name a form gives them. */
const READ: Readonly<Record<string, (form: FormData) => Result<SaleAction, string>>> = {
	reserve: (form) => {
		const until = String(form.get('until') ?? '');
		return DAY.test(until) ? ok({ kind: 'reserve', until }) : err('Say until which day it is reserved.');
	},
	free: () => ok({ kind: 'free' }),
	order: () => ok({ kind: 'order' }),
	pick: () => ok({ kind: 'pick' }),
	'hand-over': () => ok({ kind: 'hand-over' }),
	lose: (form) => {
		const because = z.enum(LOST_REASONS).safeParse(form.get('because'));
		return because.success ? ok({ kind: 'lose', because: because.data }) : err('Say why it was not taken.');
	},
	'take-back': (form) => {
		const reason = z.enum(RETURN_REASONS).safeParse(form.get('reason'));
		if (!reason.success) return err('Say why it came back.');
		const packs = packsIn(form);
		if (!packs.ok) return packs;
		return ok({
			kind: 'take-back',
			reason: reason.data,
			restocked: form.get('restocked') === 'yes',
			packs: packs.value
		});
	}
};

/** Reads what is to be done with a sale. */
export function readSaleAction(form: FormData): Result<SaleAction, string> {
	const kind = String(form.get('step') ?? '');
	return Object.hasOwn(READ, kind) && READ[kind] ? READ[kind](form) : err('There is no such step.');
}

const MOST_SIGNS = 80;

/** Reads who a sale is for: nothing is kept without their word. */
export function readCustomer(form: FormData): Result<string | undefined, string> {
	const name = String(form.get('customer') ?? '').trim();
	if (name === '') return ok(undefined);
	if (name.length > MOST_SIGNS) return err(`A name or number has at most ${MOST_SIGNS} signs.`);
	return form.get('agreed') === 'yes'
		? ok(name)
		: err('The customer has to agree that a name or number is kept. Nothing was kept.');
}
