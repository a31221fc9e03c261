/** A finding in words: what was found, what was asked for, and what follows. */
export interface Words {
	measured: string;
	required: string;
	why: string;
}
