/** Lux in one foot-candle (one lumen a square foot). */
export const LUX_PER_FOOT_CANDLE = 10.764;
/** Metres in a foot, and millimetres in an inch: exact by definition. */
export const METRES_PER_FOOT = 0.3048;
export const MM_PER_INCH = 25.4;

/** What a person in the shop measures in. */
export const MEASURE_SYSTEMS = ['metric', 'us'] as const;
export type MeasureSystem = (typeof MEASURE_SYSTEMS)[number];

/** Quantities people measure in the bay; everything is kept in the metric unit. */
export const MEASURES = ['illuminance', 'distance', 'length', 'temperature'] as const;
export type Measure = (typeof MEASURES)[number];

/** A unit a quantity is measured in. Kept value = shown x `scale` + `offset`. */
export interface MeasureUnit {
	unit: string;
	scale: number;
	offset: number;
	/** Decimals it is shown with. */
	digits: number;
}

const UNITS: Record<Measure, Record<MeasureSystem, MeasureUnit>> = {
	illuminance: {
		metric: { unit: 'lx', scale: 1, offset: 0, digits: 2 },
		us: { unit: 'fc', scale: LUX_PER_FOOT_CANDLE, offset: 0, digits: 3 }
	},
	distance: {
		metric: { unit: 'm', scale: 1, offset: 0, digits: 2 },
		us: { unit: 'ft', scale: METRES_PER_FOOT, offset: 0, digits: 2 }
	},
	length: {
		metric: { unit: 'mm', scale: 1, offset: 0, digits: 0 },
		us: { unit: 'in', scale: MM_PER_INCH, offset: 0, digits: 1 }
	},
	temperature: {
		metric: { unit: 'C', scale: 1, offset: 0, digits: 0 },
		us: { unit: 'F', scale: 5 / 9, offset: -160 / 9, digits: 0 }
	}
};

/** The unit a quantity is measured in under a system. */
export const measureUnit = (measure: Measure, system: MeasureSystem): MeasureUnit => UNITS[measure][system];

/** A value as it is kept (lx, m, mm, C), from one somebody measured. @example kept('temperature', 'us', 212) // 100 */
export function keptMeasure(measure: Measure, system: MeasureSystem, shown: number): number {
	const { scale, offset } = UNITS[measure][system];
	return shown * scale + offset;
}

/** A kept value in the unit of a system. @example shownMeasure('distance', 'us', 7.62) // 25 */
export function shownMeasure(measure: Measure, system: MeasureSystem, kept: number): number {
	const { scale, offset } = UNITS[measure][system];
	return (kept - offset) / scale;
}

/** A kept value in words. @example measureText('illuminance', 'us', 10.764) // "1 fc" */
export function measureText(measure: Measure, system: MeasureSystem, kept: number): string {
	const { unit, digits } = UNITS[measure][system];
	return `${Number(shownMeasure(measure, system, kept).toFixed(digits))} ${unit}`;
}
