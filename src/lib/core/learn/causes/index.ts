import { builtInLoadGone } from './built-in-load-gone';
import { TABLE_CAUSES } from './by-table';
import type { Cause } from './cause';
import { circuitOpen } from './circuit-open';
import { circuitShort } from './circuit-short';
import { corrodedContact } from './corroded-contact';
import { crossedWiring } from './crossed-wiring';
import { driverDead } from './driver-dead';
import { lampOut } from './lamp-out';
import { loadMissing, loadOnWrongOutput, loadTooWeak } from './load';
import { moduleMissing } from './module-missing';
import { oldFlasher } from './old-flasher';
import { otherLamp } from './other-lamp';
import { poorEarth } from './poor-earth';
import { thresholdDiffers } from './threshold';
import { turnedRound } from './turned-round';

export type { Cause, CausePlace } from './cause';

/** Everything that may be behind a complaint. A new cause of the circuit is one file and one entry here; one of optics or body an entry in the table. */
export const CAUSES: readonly Cause[] = [
	turnedRound,
	crossedWiring,
	circuitOpen,
	circuitShort,
	poorEarth,
	corrodedContact,
	loadMissing,
	loadOnWrongOutput,
	loadTooWeak,
	moduleMissing,
	oldFlasher,
	thresholdDiffers,
	builtInLoadGone,
	driverDead,
	lampOut,
	otherLamp,
	...TABLE_CAUSES
];

/** A cause by its id; undefined for one that is not known any more. */
export const causeOf = (id: string): Cause | undefined => CAUSES.find((cause) => cause.id === id);
