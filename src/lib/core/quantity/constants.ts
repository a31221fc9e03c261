/** Supply with the engine off, V. */
export const VOLTS_REST = 12.6;
/** Nominal running supply at which LED power is stated, V. */
export const VOLTS_NOMINAL = 13.5;
/** Charging supply, used to size resistors and their heat, V. */
export const VOLTS_CHARGING = 14.4;
/** Second radiation constant, m K (CODATA, as used in CIE 15). */
export const SECOND_RADIATION_CONSTANT = 1.43878e-2;
