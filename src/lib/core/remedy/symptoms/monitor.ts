import type { Symptom } from './symptom';

/** A monitor that complains: a message on the dash, or a flasher that races; a thermal one goes slow or stays on. */
export const monitorSymptom: Symptom<'message' | 'hyperflash' | 'slow-flash'> = {
	names: { message: 'lamp-out message', hyperflash: 'fast flashing', 'slow-flash': 'slow flashing, or none' },
	seenIn: ({ channels, slowsDown }) =>
		channels
			.filter(({ monitor, blown }) => monitor === 'complains' && !blown)
			.map(({ id, flashing, why }) => ({
				kind: !flashing ? ('message' as const) : slowsDown ? ('slow-flash' as const) : ('hyperflash' as const),
				channel: id,
				sockets: [],
				why
			}))
};

/** True for a complaint that is of the rate of a flasher. */
export const isFlashRate = (kind: string): boolean => kind === 'hyperflash' || kind === 'slow-flash';
