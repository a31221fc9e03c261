import { resolve } from '$app/paths';
import type { Command } from './command';

const section = (id: string, words: string, also = ''): Command => ({
	id: `settings-${id}`,
	group: 'Settings',
	words,
	also,
	route: '/settings',
	href: () => `${resolve('/settings')}#${id}`
});

/** Settings of the shop, by the heading each stands under. */
export const SETTINGS: readonly Command[] = [
	section('you', 'Your name', 'who works here'),
	section('look', 'Light or dark, as the system says', 'theme appearance'),
	section('units', 'Units and dates', 'lux feet inches locale numbers'),
	section('follow-up', 'When fittings are asked after', 'months'),
	section('data', 'Data and backups', 'back up doctor restore'),
	section('policy', 'Policy of the shop', 'headlamps exceptions currency'),
	section('assumptions', 'Assumptions', 'heat cap temperature'),
	{
		id: 'settings-people',
		group: 'Settings',
		words: 'People and roles',
		also: 'accounts owner',
		route: '/settings/people',
		href: () => resolve('/settings/people')
	},
	{
		id: 'settings-branches',
		group: 'Settings',
		words: 'Branches, and the one you work at',
		also: 'chain shops shelves',
		route: '/settings/branches',
		href: () => resolve('/settings/branches')
	},
	{
		id: 'settings-programs',
		group: 'Settings',
		words: 'Programs that ask, or are told',
		also: 'api token webhook web shop',
		route: '/settings/programs',
		href: () => resolve('/settings/programs')
	},
	{
		id: 'settings-account',
		group: 'Settings',
		words: 'Your account',
		also: 'password',
		route: '/settings/account',
		href: () => resolve('/settings/account')
	},
	{
		id: 'settings-sign-in',
		group: 'Settings',
		words: 'Sign in, sign out, try a role',
		route: '/sign-in',
		href: () => resolve('/sign-in')
	}
];
