import { PLAIN, type AccessoryStrategy } from '../strategy';

/** What is used up by the work: grease, cleaner, ties. How much, stands with the accessory. */
export const consumable: AccessoryStrategy = { ...PLAIN, label: 'consumable', minutes: 0, hand: [] };
