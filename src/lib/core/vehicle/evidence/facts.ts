/** A fact that evidence can be kept for. */
export interface Fact {
	label: string;
	unit?: 'mm' | '°' | 'A' | 'ohm' | 'Hz' | 'per minute' | 'lm' | 'W' | 'V' | 's' | 'K' | 'nm' | 'C';
	/** True for a plain count, which has no unit. */
	count?: true;
	/** Two readings no further apart than this agree. */
	tolerance?: number;
	/** The words it may have; absent where any word or number goes. */
	choices?: readonly string[];
}

export type SubjectKind = 'socket' | 'channel' | 'flasher' | 'product';

const length = (label: string): Fact => ({ label, unit: 'mm', tolerance: 0.5 });

/** Every fact by subject, under its path in the record. A new fact is one entry here and its field in the schema. */
export const FACTS: Readonly<Record<SubjectKind, Readonly<Record<string, Fact>>>> = {
	socket: {
		category: { label: 'Lamp category' },
		state: { label: 'State', choices: ['filament', 'factory-led', 'sealed'] },
		lens: { label: 'Lens', choices: ['clear', 'amber', 'red', 'smoked', 'blue', 'red-faded', 'none'] },
		optic: { label: 'Optic', choices: ['reflector', 'projector', 'lens-only'] },
		wiring: { label: 'Wiring', choices: ['standard', 'crossed'] },
		retention: { label: 'Held by', choices: ['twist', 'spring-clip', 'ring', 'push', 'festoon', 'screw'] },
		keyAngle: { label: 'Key angle', unit: '°', tolerance: 2 },
		surface: { label: 'Surface near', choices: ['metal-near', 'plastic'] },
		'cap.kind': { label: 'Cap behind', choices: ['stock-sealed', 'boot', 'none'] },
		'cap.depth': length('Depth inside the cap'),
		'envelope.frontLength': length('Front length'),
		'envelope.frontDiameter': length('Front diameter'),
		'envelope.opening': length('Opening'),
		'envelope.rearDepth': length('Depth behind'),
		'envelope.rearDiameter': length('Diameter behind'),
		'envelope.holderLength': length('Holder length'),
		'envelope.entry': { label: 'Entry', choices: ['straight', 'offset'] }
	},
	channel: {
		'feed.kind': { label: 'Feed', choices: ['steady', 'pwm'] },
		'feed.frequency': { label: 'Frequency', unit: 'Hz', tolerance: 2 },
		fuse: { label: 'Fuse', unit: 'A' },
		'monitor.kind': { label: 'Monitor', choices: ['none', 'hot', 'cold', 'flasher'] },
		'monitor.minCurrent': { label: 'Complains below', unit: 'A', tolerance: 0.05 },
		'monitor.maxOhm': { label: 'Complains above', unit: 'ohm', tolerance: 2 }
	},
	flasher: {
		kind: { label: 'Flasher', choices: ['plug-in', 'body-computer', 'none'] },
		pins: { label: 'Pins', count: true },
		thresholdCurrent: { label: 'Doubles below', unit: 'A', tolerance: 0.05 },
		normalPerMinute: { label: 'Normal rate', unit: 'per minute', tolerance: 5 }
	},
	product: {
		'flux.measured': { label: 'Measured flux', unit: 'lm', tolerance: 5 },
		'flux.minor': { label: 'Flux of the dim mode', unit: 'lm', tolerance: 2 },
		'power.at13v5': { label: 'Power at 13.5 V', unit: 'W', tolerance: 0.1 },
		'power.minor': { label: 'Power of the dim mode', unit: 'W', tolerance: 0.05 },
		builtInLoad: { label: 'Built-in load', unit: 'W', tolerance: 0.2 },
		turnOn: { label: 'Lights from', unit: 'V', tolerance: 0.2 },
		startUp: { label: 'Start-up time', unit: 's', tolerance: 0.001 },
		'colour.cct': { label: 'Colour temperature', unit: 'K', tolerance: 50 },
		'colour.peak': { label: 'Peak wavelength', unit: 'nm', tolerance: 2 },
		'size.frontLength': length('Front length'),
		'size.frontDiameter': length('Front diameter'),
		'size.lightCentre': length('Light centre'),
		'size.rearLength': length('Rear length'),
		'size.rearDiameter': length('Rear diameter'),
		'size.length': length('Length over the caps'),
		emitterAngle: { label: 'Emitter angle', unit: '°', tolerance: 2 },
		collar: { label: 'Collar', choices: ['fixed', 'adjustable', 'removable'] },
		wiring: { label: 'Wiring', choices: ['standard', 'crossed', 'both'] },
		polarity: { label: 'Polarity', choices: ['sensitive', 'free'] },
		cooling: { label: 'Cooling', choices: ['none', 'fins', 'fan', 'strap'] },
		limit: { label: 'Temperature limit', unit: 'C', tolerance: 2 },
		'driver.where': { label: 'Driver', choices: ['inline', 'none'] }
	}
};

/** True when the values of a fact are numbers. */
export function isNumeric({ unit, count }: Fact): boolean {
	return unit !== undefined || count === true;
}

/** The definition of a fact; a fact nobody listed keeps its own name. */
export function factOf(kind: SubjectKind, id: string): Fact {
	return FACTS[kind][id] ?? { label: id };
}

/** A fact's value in words. @example factText(factOf('socket', 'keyAngle'), 30) // "30°" */
export function factText(fact: Fact, value: unknown): string {
	if (value === undefined || value === null) return 'not known';
	const text = typeof value === 'object' ? JSON.stringify(value) : String(value).replaceAll('-', ' ');
	if (typeof value === 'string' || !fact.unit) return typeof value === 'string' ? value : text;
	return fact.unit === '°' ? `${value}°` : `${value} ${fact.unit}`;
}
