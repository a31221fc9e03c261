import BookOpen from '@lucide/svelte/icons/book-open';
import Car from '@lucide/svelte/icons/car';
import CircleHelp from '@lucide/svelte/icons/circle-question-mark';
import ConciergeBell from '@lucide/svelte/icons/concierge-bell';
import Package from '@lucide/svelte/icons/package';
import Settings from '@lucide/svelte/icons/settings';
import Warehouse from '@lucide/svelte/icons/warehouse';

/** The rooms of the house, with the key that follows `g`. A new room is one entry here. */
export const ROOMS = [
	{ path: '/', name: 'Counter', key: 'c', icon: ConciergeBell },
	{ path: '/vehicles', name: 'Vehicles', key: 'v', icon: Car },
	{ path: '/kits', name: 'Kits', key: 'k', icon: Package },
	{ path: '/stock', name: 'Stock', key: 's', icon: Warehouse },
	{ path: '/questions', name: 'Questions', key: 'q', icon: CircleHelp },
	{ path: '/reference', name: 'Reference', key: 'r', icon: BookOpen },
	{ path: '/settings', name: 'Settings', key: 't', icon: Settings }
] as const;
