/** A fact that evidence can be kept for. */
export interface Fact {
	label: string;
	unit?: 'mm' | '°' | 'A' | 'ohm' | 'Hz' | 'per minute';
	/** Two readings no further apart than this agree. */
	tolerance?: number;
}

export type SubjectKind = 'socket' | 'channel' | 'flasher';

const length = (label: string): Fact => ({ label, unit: 'mm', tolerance: 0.5 });

/** Every fact by subject, under its path in the record. A new fact is one entry here and its field in the schema. */
export const FACTS: Readonly<Record<SubjectKind, Readonly<Record<string, Fact>>>> = {
	socket: {
		category: { label: 'Lamp category' },
		state: { label: 'State' },
		lens: { label: 'Lens' },
		optic: { label: 'Optic' },
		wiring: { label: 'Wiring' },
		retention: { label: 'Held by' },
		keyAngle: { label: 'Key angle', unit: '°', tolerance: 2 },
		surface: { label: 'Surface near' },
		'cap.kind': { label: 'Cap behind' },
		'cap.depth': length('Depth inside the cap'),
		'envelope.frontLength': length('Front length'),
		'envelope.frontDiameter': length('Front diameter'),
		'envelope.opening': length('Opening'),
		'envelope.rearDepth': length('Depth behind'),
		'envelope.rearDiameter': length('Diameter behind'),
		'envelope.holderLength': length('Holder length'),
		'envelope.entry': { label: 'Entry' }
	},
	channel: {
		'feed.kind': { label: 'Feed' },
		'feed.frequency': { label: 'Frequency', unit: 'Hz', tolerance: 2 },
		fuse: { label: 'Fuse', unit: 'A' },
		'monitor.kind': { label: 'Monitor' },
		'monitor.minCurrent': { label: 'Complains below', unit: 'A', tolerance: 0.05 },
		'monitor.maxOhm': { label: 'Complains above', unit: 'ohm', tolerance: 2 }
	},
	flasher: {
		kind: { label: 'Flasher' },
		pins: { label: 'Pins' },
		thresholdCurrent: { label: 'Doubles below', unit: 'A', tolerance: 0.05 },
		normalPerMinute: { label: 'Normal rate', unit: 'per minute', tolerance: 5 }
	}
};

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
