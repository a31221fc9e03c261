import { z } from 'zod';
import { HEADLAMP_POLICIES } from './enumerations';

/** What the shop has decided about LED in headlamps and fog lamps. A setting, shown on every kit. */
export const policy = z.looseObject({
	headlamps: z.enum(HEADLAMP_POLICIES),
	/** Front fog lamps apart; as the headlamps when absent. */
	fog: z.enum(HEADLAMP_POLICIES).optional(),
	/** A market's own headlamp policy, by market code. */
	markets: z.record(z.string(), z.enum(HEADLAMP_POLICIES)).optional()
});

export type Policy = z.infer<typeof policy>;
export type HeadlampPolicy = (typeof HEADLAMP_POLICIES)[number];

/** Until a shop decides otherwise, headlamps and fog lamps stay halogen. */
export const DEFAULT_POLICY: Policy = { headlamps: 'signals-only' };
