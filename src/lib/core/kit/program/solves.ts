import type { Remedy } from '../../match';

/** What a part answers, by the need it meets. */
export const SOLVES: Record<Remedy['kind'], string> = {
	load: 'lamp-out message or fast flashing',
	'pwm-module': 'pulsed feed',
	cap: 'room and heat behind the lamp',
	adapter: 'holder of the lamp housing'
};

/** What a flasher answers. */
export const FLASH_RATE = 'flash rate';
