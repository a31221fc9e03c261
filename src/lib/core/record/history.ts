/** One event of a record, as far as undo and redo need it. */
export interface HistoryEvent {
	id: number;
	kind: 'created' | 'change' | 'undo' | 'redo';
	/** The event that an undo or redo is about. */
	of: number | null;
}

/** Which event undo would take back, and which one redo would bring again. */
export interface Standpoint {
	undo: number | null;
	redo: number | null;
}

/** Where a record stands after its events, oldest first. A new change ends what could be brought again. */
export function standpoint(events: readonly HistoryEvent[]): Standpoint {
	const done: number[] = [];
	let undone: number[] = [];
	for (const { id, kind, of } of events) {
		if (kind === 'change') {
			done.push(id);
			undone = [];
		} else if (kind === 'undo' && of !== null && done.at(-1) === of) {
			done.pop();
			undone.push(of);
		} else if (kind === 'redo' && of !== null && undone.at(-1) === of) {
			undone.pop();
			done.push(of);
		}
	}
	return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null };
}
