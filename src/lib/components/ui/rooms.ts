import BookOpen from '@lucide/svelte/icons/book-open';
import Car from '@lucide/svelte/icons/car';
import CircleHelp from '@lucide/svelte/icons/circle-question-mark';
import ConciergeBell from '@lucide/svelte/icons/concierge-bell';
import GraduationCap from '@lucide/svelte/icons/graduation-cap';
import Grid3x3 from '@lucide/svelte/icons/grid-3x3';
import MessageSquareWarning from '@lucide/svelte/icons/message-square-warning';
import Package from '@lucide/svelte/icons/package';
import Settings from '@lucide/svelte/icons/settings';
import Warehouse from '@lucide/svelte/icons/warehouse';

/** The rooms of the house. A new room is one entry here, and its key one among the shortcuts. */
export const ROOMS = [
	{ path: '/', name: 'Counter', icon: ConciergeBell },
	{ path: '/vehicles', name: 'Vehicles', icon: Car },
	{ path: '/kits', name: 'Kits', icon: Package },
	{ path: '/stock', name: 'Stock', icon: Warehouse },
	{ path: '/cover', name: 'Cover', icon: Grid3x3 },
	{ path: '/questions', name: 'Questions', icon: CircleHelp },
	{ path: '/complaints', name: 'Complaints', icon: MessageSquareWarning },
	{ path: '/practice', name: 'Practice', icon: GraduationCap },
	{ path: '/reference', name: 'Reference', icon: BookOpen },
	{ path: '/settings', name: 'Settings', icon: Settings }
] as const;
