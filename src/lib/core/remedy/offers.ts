import { filamentBack } from './kinds/filament';
import { ledFlasher } from './kinds/led-flasher';
import { load } from './kinds/load';
import { loadedLamp } from './kinds/loaded-lamp';
import { smoothingModule } from './kinds/module';
import { cleaning, coding } from './kinds/notes';
import type { RemedyOffer } from './remedy';

/** Every kind of remedy. A new one is a file in `kinds/` and an entry here. */
export const OFFERS: readonly RemedyOffer[] = [
	ledFlasher,
	load,
	loadedLamp,
	smoothingModule,
	filamentBack,
	cleaning,
	coding
];
