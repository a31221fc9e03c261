/** Something on record that answers to the line of the command bar. */
export interface FoundThing {
	kind: 'vehicle' | 'socket' | 'product' | 'kit' | 'category' | 'complaint';
	id: string;
	/** The vehicle of a socket or a kit. */
	vehicle?: string;
	words: string;
	detail: string;
}
