import type { Command } from '../io';

/** Every command, read when it is asked for. A new one is a file here and an entry in this list. */
export const COMMANDS: Readonly<Record<string, () => Promise<Command>>> = {
	check: async () => (await import('./check')).check,
	match: async () => (await import('./match')).match,
	circuit: async () => (await import('./circuit')).circuit,
	colour: async () => (await import('./colour')).colour,
	resistor: async () => (await import('./resistor')).resistor,
	heat: async () => (await import('./heat')).heat,
	clock: async () => (await import('./clock')).clock,
	claims: async () => (await import('./claims')).claims,
	aim: async () => (await import('./aim')).aim,
	light: async () => (await import('./light')).light,
	beam: async () => (await import('./beam')).beam,
	kit: async () => (await import('./kit')).kit,
	fitup: async () => (await import('./fitup')).fitup,
	read: async () => (await import('./read')).read,
	ask: async () => (await import('./ask')).ask,
	diagnose: async () => (await import('./diagnose')).diagnose,
	cover: async () => (await import('./cover')).cover,
	practice: async () => (await import('./practice')).practice,
	next: async () => (await import('./next')).next,
	feed: async () => (await import('./feed')).feed,
	receive: async () => (await import('./receive')).receive,
	import: async () => (await import('./import')).importFile,
	export: async () => (await import('./export')).exportShop,
	backup: async () => (await import('./backup')).backup,
	restore: async () => (await import('./backup')).restore,
	move: async () => (await import('./move')).move,
	owner: async () => (await import('./owner')).owner,
	doctor: async () => (await import('./doctor')).doctor,
	'load-demo': async () => (await import('./load-demo')).loadDemoData
};
