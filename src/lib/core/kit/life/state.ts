/** One thing somebody checked by hand, in words. */
export interface SignOff {
	/** What it was about; absent in kits that were checked before things were told apart by id. */
	id?: string;
	/** What was to be checked. */
	what: string;
	/** What was found. */
	found: string;
}

/** What happened to a kit on its way to release. */
export interface KitLife {
	/** Who checked it, and what was checked by hand; null while nobody has. */
	checked: { by: string; on: string; signOffs: SignOff[] } | null;
	/** Ids of other configurations it does for as it is. */
	also: string[];
}

/** A kit nobody has checked. */
export const NEW_LIFE: KitLife = { checked: null, also: [] };
