import { z } from 'zod';
import type { VinParts } from '../../../core/identify';
import { STEERINGS } from '../../../core/model';

/** What a decoder says of a vehicle. Fields it does not know are left out. */
export const vinReading = z.looseObject({
	make: z.string(),
	model: z.string(),
	generation: z.string().optional(),
	body: z.string().optional(),
	market: z.string().optional(),
	steering: z.enum(STEERINGS).optional(),
	options: z.record(z.string(), z.string()).optional(),
	/** Model year, where the service knows it better than the number says. */
	year: z.number().int().optional()
});

export type VinReading = z.infer<typeof vinReading>;

/** Decodes vehicle identification numbers. */
export interface VinService {
	name: string;
	/** True for a stand-in: its answers are made up, and the screen says so. */
	simulated: boolean;
	/** What the number says; null when the service does not know it. @throws Error when the service does not answer */
	decode: (parts: VinParts) => Promise<VinReading | null>;
}
