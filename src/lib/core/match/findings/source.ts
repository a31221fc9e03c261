import type { Confidence, RuleFamily } from '../../lamps';
import type { Evidence } from '../../model';

/** What a finding stands on. Words for it are in `wording/source.ts`. */
export type FindingSource =
	/** The maker's data: as they are, as a claim, or as a claim that was cut. */
	| { kind: 'maker'; claim?: 'claimed' | 'capped' }
	/** Somebody measured it. */
	| { kind: 'measured' }
	/** The vehicle's record, with the best evidence for the fact. */
	| { kind: 'record'; fact: string; evidence: Evidence | null }
	/** An output of the vehicle's record. */
	| { kind: 'channel'; channel: string }
	/** One look at the whole vehicle, which stands for every output nobody recorded. */
	| { kind: 'look'; evidence: Evidence | null }
	/** A table of facts of the standards. */
	| { kind: 'table'; table: 'categories' | 'light-centres' | 'interchange'; confidence?: Confidence }
	/** The colour rules of a family, or that there are none. */
	| { kind: 'colour-rules'; family: RuleFamily | null }
	/** Colour boundaries used as names only. */
	| { kind: 'colour-names' }
	/** The spectral model: behind a worn lens, or beside the filament lamps as they stand. */
	| { kind: 'spectral-model'; of: 'worn-lens' | 'neighbours' }
	| { kind: 'heat-estimate' }
	/** Every mode tried on this vehicle with the lamp fitted. */
	| { kind: 'mode-test' }
	/** A beam check of this lamp type in this lamp unit. */
	| { kind: 'beam-check'; on: string; by: string }
	/** A complaint that was settled. */
	| { kind: 'complaint'; on: string; by: string }
	/** A lamp that was fitted and asked after. */
	| { kind: 'follow-up' }
	| { kind: 'rule-family'; family: RuleFamily | null }
	| { kind: 'usual-practice' }
	| { kind: 'shop-policy' }
	| { kind: 'signed-exception' };

export const MAKER: FindingSource = { kind: 'maker' };
export const CATEGORY_TABLE: FindingSource = { kind: 'table', table: 'categories' };
