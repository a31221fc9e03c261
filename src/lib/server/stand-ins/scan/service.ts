import { z } from 'zod';

/** A fault on record in the vehicle: the output it is about, what the dash says, and the code of the reader. */
export const scanFault = z.looseObject({
	code: z.string(),
	channel: z.string(),
	message: z.string(),
	/** Modes it was set in, in words. */
	modes: z.array(z.string())
});

/** What a scan tool reads from a vehicle. */
export const scanReading = z.looseObject({ faults: z.array(scanFault) });

export type ScanReading = z.infer<typeof scanReading>;

/** Reads message and fault codes from a vehicle. */
export interface ScanTool {
	name: string;
	/** True for a stand-in: it reads a simulated vehicle, and the screen says so. */
	simulated: boolean;
	/** Faults after every mode was tried. @throws Error when the tool does not answer */
	read: () => Promise<ScanReading>;
}
