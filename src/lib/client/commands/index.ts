import type { Command, CommandPlace } from './command';
import { DEED_COMMANDS } from './deeds';
import { SHOP_PAGES } from './pages';
import { SETTINGS } from './settings';
import { VEHICLE_PAGES } from './vehicle-pages';

/** Every command of the bar, the nearest first. */
export const COMMANDS: readonly Command[] = [...VEHICLE_PAGES, ...SHOP_PAGES, ...DEED_COMMANDS, ...SETTINGS];

/** The commands that make sense where a person stands. */
export const commandsAt = (place: CommandPlace): Command[] =>
	COMMANDS.filter(({ href }) => !href || href(place) !== null);

export { GROUPS, type Command, type CommandPlace, type Deed, type Group } from './command';
export { rank } from './rank';
