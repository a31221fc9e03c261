import type { SocketDraft, WalkContext } from '../draft';

/** What a check has to say: `impossible` keeps a line from being taken, `doubt` asks for a second look. */
export interface Remark {
	level: 'impossible' | 'doubt';
	text: string;
}

/** Looks at what was said of a place; null when there is nothing to say. `line` is what was typed, in lower case. */
export type Check = (draft: SocketDraft, context: WalkContext, line: string) => Remark | null;

export const impossible = (text: string): Remark => ({ level: 'impossible', text });
export const doubt = (text: string): Remark => ({ level: 'doubt', text });
