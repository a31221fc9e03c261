import { baseWording } from './base';
import { colourWording } from './colour';
import { electricsWording } from './electrics';
import { heatWording } from './heat';
import { lawWording } from './law';
import { sizeWording } from './size';

/** Every finding code with its text. A new code is one entry in the file of its gate; codes are stable. */
export const WORDING = {
	...baseWording,
	...sizeWording,
	...colourWording,
	...electricsWording,
	...heatWording,
	...lawWording
};

export type { Words } from './words';
