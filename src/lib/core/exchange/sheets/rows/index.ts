import type { Assembly, ReadRow } from '../assembly';
import type { SheetName } from '../columns';
import { addChannel } from './channels';
import { addEvidence } from './evidence';
import { addSocket } from './sockets';
import { addAccessory, addProduct } from './stock';
import { addUnit } from './units';
import { addVehicle } from './vehicles';

/** How a row of each sheet is taken, in the order in which sheets build on one another. */
export const TAKERS: readonly [SheetName, (assembly: Assembly, tab: string, row: ReadRow) => void][] = [
	['units', addUnit],
	['vehicles', addVehicle],
	['sockets', addSocket],
	['channels', addChannel],
	['evidence', addEvidence],
	['products', addProduct],
	['accessories', addAccessory]
];
