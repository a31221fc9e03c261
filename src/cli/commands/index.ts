import type { Command } from '../io';
import { check } from './check';
import { circuit } from './circuit';
import { claims } from './claims';
import { clock } from './clock';
import { colour } from './colour';
import { exportShop } from './export';
import { feed } from './feed';
import { heat } from './heat';
import { importFile } from './import';
import { kit } from './kit';
import { loadDemoData } from './load-demo';
import { match } from './match';
import { resistor } from './resistor';

/** Every command. A new one is a file here and an entry in this list. */
export const COMMANDS: Readonly<Record<string, Command>> = {
	check,
	match,
	circuit,
	colour,
	resistor,
	heat,
	clock,
	claims,
	kit,
	feed,
	import: importFile,
	export: exportShop,
	'load-demo': loadDemoData
};
