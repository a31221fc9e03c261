import { PLAIN, type AccessoryStrategy } from '../strategy';

/** A lead between plugs. */
export const lead: AccessoryStrategy = { ...PLAIN, label: 'lead', minutes: 5 };
