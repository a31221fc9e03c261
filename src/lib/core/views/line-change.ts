import type { LineChange } from '../kit';
import type { Configuration } from '../model';
import { complaintText, mismatchView } from './kit-notes';

/** What one other lamp moves in a kit, with names of places and in words. */
export interface LineChangeView extends Omit<LineChange, 'mismatches' | 'complaints'> {
	mismatches: { place: string; sight: string }[];
	complaints: string[];
}

/** Prepares what one other lamp moves for showing. */
export function lineChangeView(configuration: Configuration, change: LineChange): LineChangeView {
	return {
		...change,
		mismatches: change.mismatches.map((m) => mismatchView(configuration, m)),
		complaints: change.complaints.map((c) => complaintText(c, configuration))
	};
}
