import type { Assumed } from '../../quantity';
import type { LightSet } from '../light/compare';

/** What was found of one lamp type in one lamp unit. What is missing was not done. */
export interface BeamEvidence {
	/** False for a high beam of its own: it throws a spot, and has no cut-off to look at. */
	hasCutOff: boolean;
	light?: { before: LightSet; after: LightSet } | undefined;
	/** Two pictures of the wall, as far as they compare. */
	pictures?: PictureFindings | undefined;
	aim?: AimFindings | undefined;
	/** Who answers for it. */
	by?: string | undefined;
}

/** What two pictures said. */
export interface PictureFindings {
	comparable: boolean;
	/** Degrees, clockwise positive as the camera sees it; null where a cut-off is lost. */
	tilt: number | null;
	/** The cut-off stands so much higher, percent of the distance to the wall; null where nothing gave the scale, or a cut-off is lost. */
	rise: number | null;
}

/** Where the cut-off stands now, by a rule of aim. */
export interface AimFindings {
	rule: string;
	/** mm over the floor, m, mm under lamp height, percent stamped beside the lamp. */
	height: number;
	distance: number;
	drop: number;
	stamped?: number | undefined;
}

/** One rule of the check and how it stands: null says that nothing was found either way. */
export interface CheckedRule {
	id: string;
	label: string;
	isMet: boolean | null;
	measured: string;
	required: string;
}

/** A rule of the check: what was measured against what is asked. */
export interface CheckRule {
	id: string;
	label: string;
	/** Which lamps it is asked of. */
	asks: 'every-lamp' | 'with-cut-off' | 'without-cut-off';
	judge: (evidence: BeamEvidence, assumed: Assumed) => Omit<CheckedRule, 'id' | 'label'>;
}
