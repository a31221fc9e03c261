import { PLAIN, type AccessoryStrategy } from '../strategy';

/** What an assembly or a pod is mounted with. */
export const bracket: AccessoryStrategy = { ...PLAIN, label: 'bracket', minutes: 10 };
