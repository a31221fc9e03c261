import type { Accessory, AccessoryKind } from '../model';
import { bracket } from './kinds/bracket';
import { cap } from './kinds/cap';
import { consumable } from './kinds/consumable';
import { flasher } from './kinds/flasher';
import { adapter, ring } from './kinds/holder';
import { lead } from './kinds/lead';
import { loadHarness, resistor } from './kinds/load';
import { pwmModule } from './kinds/pwm-module';
import type { AccessoryStrategy } from './strategy';

/** The one list of accessory kinds; the compiler asks for an entry for each name of the schema. */
const STRATEGIES: Readonly<Record<AccessoryKind, AccessoryStrategy>> = {
	resistor,
	'load-harness': loadHarness,
	flasher,
	'pwm-module': pwmModule,
	cap,
	adapter,
	ring,
	lead,
	bracket,
	consumable
};

/** What depends on the kind of an accessory. */
export function strategyOf({ kind }: Pick<Accessory, 'kind'>): AccessoryStrategy {
	return STRATEGIES[kind];
}
