/** A kit in a list. */
export interface KitRowView {
	id: string;
	name: string;
	/** Branch it is of; null where a shop stands alone. */
	branch: string | null;
	/** Id and name of its vehicle. */
	configuration: string;
	vehicle: string;
	state: string;
	/** Code of its last revision, once it is released. */
	code: string | null;
	/** Price, minor units. */
	total: number;
	open: number;
	/** How much changed under its last release. */
	impacts: number;
	/** When it was last changed, ISO. */
	updatedAt: string;
}
