import { resolve } from '$app/paths';
import type { FoundThing } from '$lib/core/views';

/** Routes that open what is found on record, by kind. */
export const FOUND_ROUTES = {
	vehicle: '/vehicles/[id]/walk/[[socket]]',
	socket: '/vehicles/[id]/match/[[socket]]',
	product: '/stock/[item]',
	kit: '/vehicles/[id]/kit/[kit]',
	category: '/reference',
	complaint: '/complaints/[complaint]'
} as const satisfies Record<FoundThing['kind'], string>;

/** Where something on record is opened. */
export function foundHref({ kind, id, vehicle = '' }: FoundThing): string {
	switch (kind) {
		case 'vehicle':
			return resolve(FOUND_ROUTES.vehicle, { id });
		case 'socket':
			return resolve(FOUND_ROUTES.socket, { id: vehicle, socket: id });
		case 'product':
			return resolve(FOUND_ROUTES.product, { item: id });
		case 'kit':
			return resolve(FOUND_ROUTES.kit, { id: vehicle, kit: id });
		case 'category':
			return `${resolve(FOUND_ROUTES.category)}?q=${encodeURIComponent(id)}`;
		case 'complaint':
			return resolve(FOUND_ROUTES.complaint, { complaint: id });
		default:
			return kind satisfies never;
	}
}
