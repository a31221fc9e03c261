import type { Complaint } from '../../model';
import { expectedShare, type Prior } from '../../quantity';

/** How a product did wherever it was fitted. */
export interface TrackRecord {
	/** Lamps fitted. */
	fitted: number;
	/** Complaints that were its own: open ones, and those settled as something else than the vehicle or its record. */
	complained: number;
	/** Of these, nobody has settled. */
	open: number;
}

export const NO_TRACK: TrackRecord = { fitted: 0, complained: 0, open: 0 };

/** What is taken of a lamp nobody has fitted: one complaint in twenty, worth twenty lamps. An assumption. */
const BEFORE: Prior = { share: 0.05, worth: 20 };

/** Lamps a track record is counted over: every complaint counts for a lamp, fitted here or not. */
export const lampsIn = ({ fitted, complained }: Pick<TrackRecord, 'fitted' | 'complained'>): number =>
	Math.max(fitted, complained);

/** Share of lamps that come back, as far as a few of them can say. */
export const comesBack = (track: Pick<TrackRecord, 'fitted' | 'complained'>): number =>
	expectedShare(track.complained, lampsIn(track), BEFORE);

/** True for a complaint that counts until it is settled: a customer's own is read by a person first. */
export const isOpen = ({ settled, state }: Complaint): boolean => (state === undefined ? !settled : state === 'open');

/** True for a complaint that turned out not to be about the lamp. */
const isNotTheLamp = ({ remedy }: Complaint): boolean => remedy?.kind === 'not-the-lamp' || remedy?.kind === 'record';

/** True for a complaint that stands against its product. */
export const isAgainstProduct = (complaint: Complaint): boolean =>
	complaint.state !== 'unread' && complaint.state !== 'set-aside' && !isNotTheLamp(complaint);

/** Track records by product, from what was fitted and what was said. */
export function trackRecords(
	fitted: Iterable<string>,
	complaints: readonly Complaint[]
): ReadonlyMap<string, TrackRecord> {
	const found = new Map<string, TrackRecord>();
	const of = (product: string): TrackRecord => {
		const known = found.get(product) ?? { ...NO_TRACK };
		found.set(product, known);
		return known;
	};
	for (const product of fitted) of(product).fitted += 1;
	for (const complaint of complaints) {
		if (!complaint.product || !isAgainstProduct(complaint)) continue;
		const record = of(complaint.product);
		record.complained += 1;
		if (isOpen(complaint)) record.open += 1;
	}
	return found;
}
