import type { Command } from '../io';
import { check } from './check';
import { colour } from './colour';
import { kit } from './kit';
import { match } from './match';
import { resistor } from './resistor';

/** Every command. A new one is a file here and an entry in this list. */
export const COMMANDS: Readonly<Record<string, Command>> = { check, match, colour, resistor, kit };
