import { boundsText, type Bounds } from './bounds';

/** What goes on record because of tests: a value, and why. */
export interface Lesson {
	subject: Bounds['watched']['subject'];
	fact: string;
	value: number;
	note: string;
	/** `narrows`: it puts an assumption right within its bounds. `contradicts`: what is on record cannot be, and a person has to decide. */
	kind: 'narrows' | 'contradicts';
}

/** Values go on record to this step: a threshold of a current is rounded up, one of a resistance down, so that it stays on the safe side. */
const STEP = { A: 0.01, ohm: 1 } as const;

function safeEnd({ watched, low, high }: Bounds): number | null {
	const isOhms = watched.fact === 'monitor.maxOhm';
	const end = isOhms ? low : high;
	if (end === null) return null;
	const step = isOhms ? STEP.ohm : STEP.A;
	const steps = end / step;
	return Number(((isOhms ? Math.floor(steps + 1e-9) : Math.ceil(steps - 1e-9)) * step).toFixed(2));
}

/** The least that a threshold must be when all that is known is that a message came: one step beyond what it complained of. */
function justBeyond({ watched, low, high }: Bounds): number | null {
	const isOhms = watched.fact === 'monitor.maxOhm';
	const end = isOhms ? high : low;
	if (end === null) return null;
	return Number((isOhms ? Math.max(1, Math.floor(end) - STEP.ohm) : end + STEP.A).toFixed(2));
}

/** Whether a value on record agrees with what tests showed. */
function agrees({ watched, low, high }: Bounds, value: number): boolean {
	const isOhms = watched.fact === 'monitor.maxOhm';
	if (isOhms) return (low === null || value >= low) && (high === null || value < high);
	return (low === null || value > low) && (high === null || value <= high + STEP.A);
}

/**
 * What tests teach of one threshold; null when they say nothing new. The value in force becomes the safe end of the interval; a number that somebody
 * measured or read and that lies inside stays. A number that lies outside, an assumption too, or tests that contradict each other, are a question.
 * @param inForce what is on record; whether nobody measured or read it; and whether it is no more than an earlier lesson
 */
export function lessonOf(
	bounds: Bounds,
	inForce: { value: number | undefined; isWeak: boolean; isLesson: boolean }
): Lesson | null {
	const { subject, fact } = bounds.watched;
	const note = `mode tests: ${boundsText(bounds)}`;
	if (bounds.isContradictory) {
		const last = bounds.shown.at(-1);
		const value = last?.complained ? justBeyond(bounds) : safeEnd(bounds);
		return value === null
			? null
			: { subject, fact, value, note: `${note}; they contradict each other`, kind: 'contradicts' };
	}
	const safe = safeEnd(bounds);
	const { value, isWeak, isLesson } = inForce;
	if (value === undefined) return safe === null ? null : { subject, fact, value: safe, note, kind: 'narrows' };
	if (agrees(bounds, value)) {
		const isNews = safe !== null && isWeak && Math.abs(safe - value) > 1e-9;
		return isNews ? { subject, fact, value: safe, note, kind: 'narrows' } : null;
	}
	const beyond = safe ?? justBeyond(bounds);
	if (beyond === null) return null;
	return { subject, fact, value: beyond, note, kind: isLesson ? 'narrows' : 'contradicts' };
}
