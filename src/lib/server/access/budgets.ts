import { MAX_FILE_BYTES } from '../../core/quantity';
import { onlyLooks } from './methods';

/** Room for the rest of a form around a file, bytes. */
const AROUND_A_FILE = 200_000;
/** Most that a form without a file, or a change of a record, may weigh, bytes: the longest pasted list of sockets is a tenth of it. */
const MAX_FORM_BYTES = 1_000_000;

/** What of a request says how much it brings. */
export interface Load {
	method: string;
	/** `content-type` and `content-length`. */
	type: string | null;
	length: string | null;
	/** Whether the body comes in pieces whose sum nobody said. */
	chunked: boolean;
}

/** Why a request is not read for what it brings, with its status; null when it may be. Nothing of it has been read by then. */
export function tooMuch({ method, type, length, chunked }: Load): { status: 411 | 413; words: string } | null {
	if (onlyLooks(method)) return null;
	if (chunked && length === null) return { status: 411, words: 'A request has to say how long it is.' };
	const most = /^multipart\/form-data/i.test(type ?? '') ? MAX_FILE_BYTES + AROUND_A_FILE : MAX_FORM_BYTES;
	if (Number(length ?? 0) <= most) return null;
	return { status: 413, words: `At most ${most / 1e6} MB are taken at once.` };
}
