import type { Command, Deed } from './command';

const deed = (does: Deed, words: string, also = ''): Command => ({ id: does, group: 'Do', words, also, deed: does });

/** What is done without leaving the page. */
export const DEED_COMMANDS: readonly Command[] = [
	deed('help', 'Help for this page', 'what is this for manual'),
	deed('keys', 'All keys', 'shortcuts cheat sheet'),
	deed('words', 'Words of the trade', 'glossary what does mean'),
	deed('undo', 'Take the last change of this record back', 'undo'),
	deed('redo', 'Bring it again', 'redo'),
	deed('print', 'Print this page'),
	deed('light', 'Light theme'),
	deed('dark', 'Dark theme'),
	deed('system', 'Theme as the system says')
];
