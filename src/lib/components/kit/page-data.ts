import type { KitOrder } from '$lib/core/model';
import type { KitLife, DemandPrice } from '$lib/core/kit';
import type { FunctionId } from '$lib/core/lamps';
import type { KitView, PlaceView, SignatureWanted, UnprovedLine } from '$lib/core/views';

/** A kit as its page has it. */
export interface KitPageData {
	id: string;
	state: 'draft' | 'checked' | 'released';
	code: string | null;
	revision: number;
	revisions: { revision: number; code: string; releasedAt: string }[];
	order: KitOrder;
	kit: KitView;
	life: KitLife;
	also: string[];
	toSign: SignatureWanted[];
	unproved: UnprovedLine[];
	stale: string[];
	currency: string;
	/** Names of what the order speaks of by ids, functions of the vehicle, and who works here. */
	names: Record<string, string>;
	functions: FunctionId[];
	/** Papers it can be printed on. */
	papers: { name: string; label: string; contents: string }[];
	person: string;
	/** Name of the branch it is worked on; null where a shop stands alone. */
	at: string | null;
	/** The place that is looked at. */
	place: PlaceView | null;
}

/** What forms of the page were answered beside a changed kit. */
export interface KitAnswers {
	prices: DemandPrice[] | null;
	others: { configuration: string; name: string; reasons: string[] }[] | null;
}
