import type { Symptom } from './symptom';

/** A monitor that complains: a message on the dash, or a flasher that races. */
export const monitorSymptom: Symptom<'message' | 'hyperflash'> = {
	names: { message: 'lamp-out message', hyperflash: 'fast flashing' },
	seenIn: ({ channels }) =>
		channels
			.filter(({ monitor, blown }) => monitor === 'complains' && !blown)
			.map(({ id, flashing, why }) => ({
				kind: flashing ? ('hyperflash' as const) : ('message' as const),
				channel: id,
				sockets: [],
				why
			}))
};
