import { resolve } from '$app/paths';
import type { Command, CommandPlace } from './command';

type At = Required<Pick<CommandPlace, 'vehicle'>> & CommandPlace;

const page = (
	id: string,
	words: string,
	{ route, href, also }: { route: string; href: (at: { id: string } & CommandPlace) => string | null; also?: string }
): Command => ({
	id: `vehicle-${id}`,
	group: 'This vehicle',
	words,
	route,
	href: (place) => (place.vehicle === undefined ? null : href({ ...(place as At), id: place.vehicle as string })),
	...(also ? { also } : {})
});

/** Pages of the vehicle at hand. A new one is one entry here. */
export const VEHICLE_PAGES: readonly Command[] = [
	page('identify', 'Identify', {
		route: '/vehicles/[id]/identify',
		href: ({ id }) => resolve('/vehicles/[id]/identify', { id }),
		also: 'make model split copy merge'
	}),
	page('walk', 'Walk', {
		route: '/vehicles/[id]/walk/[[socket]]',
		href: ({ id, socket }) => resolve('/vehicles/[id]/walk/[[socket]]', { id, socket }),
		also: 'sockets wheel record'
	}),
	page('list', 'Walk: list of sockets', {
		route: '/vehicles/[id]/walk/[[socket]]',
		href: ({ id, socket }) => `${resolve('/vehicles/[id]/walk/[[socket]]', { id, socket })}?view=list`
	}),
	page('outputs', 'Outputs and fuses', {
		route: '/vehicles/[id]/channels/[[channel]]',
		href: ({ id }) => resolve('/vehicles/[id]/channels/[[channel]]', { id }),
		also: 'channels flasher monitor'
	}),
	page('access', 'Way in', {
		route: '/vehicles/[id]/access/[[operation]]',
		href: ({ id }) => resolve('/vehicles/[id]/access/[[operation]]', { id }),
		also: 'access operations tools'
	}),
	page('sister', 'Copy from a sister vehicle', {
		route: '/vehicles/[id]/sister',
		href: ({ id }) => resolve('/vehicles/[id]/sister', { id })
	}),
	page('sheet', 'Sockets as a spreadsheet', {
		route: '/vehicles/[id]/sheet',
		href: ({ id }) => resolve('/vehicles/[id]/sheet', { id }),
		also: 'paste'
	}),
	page('history', 'History', {
		route: '/vehicles/[id]/history',
		href: ({ id }) => resolve('/vehicles/[id]/history', { id }),
		also: 'changes undo'
	}),
	page('match', 'Match', {
		route: '/vehicles/[id]/match/[[socket]]',
		href: ({ id, socket }) => resolve('/vehicles/[id]/match/[[socket]]', { id, socket }),
		also: 'candidates LED'
	}),
	page('whole', 'Match: the whole vehicle at once', {
		route: '/vehicles/[id]/whole',
		href: ({ id }) => resolve('/vehicles/[id]/whole', { id }),
		also: 'whites wishes'
	}),
	page('circuit', 'Circuit', {
		route: '/vehicles/[id]/circuit',
		href: ({ id }) => resolve('/vehicles/[id]/circuit', { id }),
		also: 'dash modes flasher remedies'
	}),
	page('kit', 'Kits of this vehicle', {
		route: '/vehicles/[id]/kit',
		href: ({ id }) => resolve('/vehicles/[id]/kit', { id }),
		also: 'new kit work out'
	}),
	page('this-kit', 'This kit', {
		route: '/vehicles/[id]/kit/[kit]',
		href: ({ id, kit }) => (kit === undefined ? null : resolve('/vehicles/[id]/kit/[kit]', { id, kit }))
	}),
	page('kit-sheet', 'Sheet of this kit', {
		route: '/vehicles/[id]/kit/[kit]/sheet',
		href: ({ id, kit }) => (kit === undefined ? null : resolve('/vehicles/[id]/kit/[kit]/sheet', { id, kit })),
		also: 'print pdf'
	}),
	page('kit-compare', 'Revisions of this kit', {
		route: '/vehicles/[id]/kit/[kit]/compare',
		href: ({ id, kit }) => (kit === undefined ? null : resolve('/vehicles/[id]/kit/[kit]/compare', { id, kit })),
		also: 'compare'
	}),
	page('fitup', 'Fit-up', {
		route: '/vehicles/[id]/fitup/[[kit]]',
		href: ({ id, kit }) => resolve('/vehicles/[id]/fitup/[[kit]]', { id, kit }),
		also: 'plan steps bay'
	}),
	page('prove', 'Prove', { route: '/vehicles/[id]/prove', href: ({ id }) => resolve('/vehicles/[id]/prove', { id }) }),
	page('modes', 'Prove: mode test', {
		route: '/vehicles/[id]/prove/modes',
		href: ({ id }) => resolve('/vehicles/[id]/prove/modes', { id })
	}),
	page('light', 'Prove: light', {
		route: '/vehicles/[id]/prove/light',
		href: ({ id }) => resolve('/vehicles/[id]/prove/light', { id }),
		also: 'lux candela'
	}),
	page('beam', 'Prove: two pictures of the beam', {
		route: '/vehicles/[id]/prove/beam',
		href: ({ id }) => resolve('/vehicles/[id]/prove/beam', { id }),
		also: 'cut-off photos'
	}),
	page('aim', 'Prove: aim', {
		route: '/vehicles/[id]/prove/aim',
		href: ({ id }) => resolve('/vehicles/[id]/prove/aim', { id }),
		also: 'wall adjust'
	}),
	page('heat', 'Prove: temperature', {
		route: '/vehicles/[id]/prove/heat',
		href: ({ id }) => resolve('/vehicles/[id]/prove/heat', { id })
	}),
	page('check', 'Prove: beam check', {
		route: '/vehicles/[id]/prove/check',
		href: ({ id }) => resolve('/vehicles/[id]/prove/check', { id })
	}),
	page('complaint', 'File a complaint about this vehicle', {
		route: '/complaints/new',
		href: ({ id }) => `${resolve('/complaints/new')}?vehicle=${encodeURIComponent(id)}`
	})
];
