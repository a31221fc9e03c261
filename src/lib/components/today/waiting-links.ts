import { resolve } from '$app/paths';
import type { Waiting, WaitingKind } from '$lib/core/views';

/** What each kind of waiting work is called beside its line. */
export const KIND_WORDS: Readonly<Record<WaitingKind, string>> = {
	message: 'from a customer',
	'hand-over': 'order',
	quote: 'quote',
	kit: 'kit',
	broken: 'changed',
	complaint: 'complaint',
	question: 'question',
	walk: 'walk'
};

/** Where a piece of waiting work is done. */
export function placeOf({ kind, id, vehicle, question }: Waiting): string {
	switch (kind) {
		case 'message':
		case 'complaint':
			return resolve('/complaints/[complaint]', { complaint: id });
		case 'hand-over':
		case 'quote':
			return resolve('/sales/[sale]', { sale: id });
		case 'kit':
		case 'broken':
			return resolve('/vehicles/[id]/kit/[kit]', { id: vehicle ?? '', kit: id });
		case 'question': {
			const { kind: of = '', subject = '', fact = '' } = question ?? {};
			const query = [vehicle ?? '', of, subject, fact].map((part) => `q=${encodeURIComponent(part)}`).join('&');
			return `${resolve('/questions')}?${query}`;
		}
		case 'walk':
			return resolve('/vehicles/[id]/walk/[[socket]]', { id });
		default:
			return kind satisfies never;
	}
}
