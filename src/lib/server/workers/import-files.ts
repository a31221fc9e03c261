import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import type { SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';
import type { ImportOutcome, ImportTask } from './import.worker';

/** An import as it is kept beside its file, so that it is known again after a restart. */
export interface KeptImport {
	id: string;
	name: string;
	mode: ImportTask['mode'];
	options: SheetOptions;
	actor: Actor;
	/** What came of it; null while it is under way. */
	outcome: ImportOutcome | null;
}

/** Uploads older than this are cleared, ms. */
const KEPT_MS = 24 * 3600 * 1000;
const UPLOADS = 'uploads';
const NOTE = '.json';

/** Where the file of an import is. */
export const fileOf = (folder: string, id: string): string => join(folder, UPLOADS, id);

/** Puts an uploaded file by, for its owner alone. */
export function putUpload(folder: string, id: string, bytes: Uint8Array): void {
	mkdirSync(join(folder, UPLOADS), { recursive: true, mode: 0o700 });
	writeFileSync(fileOf(folder, id), bytes, { mode: 0o600 });
}

/** Notes how an import stands, whole or not at all. */
export function noteImport(folder: string, kept: KeptImport): void {
	const note = fileOf(folder, kept.id) + NOTE;
	if (!existsSync(fileOf(folder, kept.id))) return;
	writeFileSync(`${note}.new`, JSON.stringify(kept), { mode: 0o600 });
	renameSync(`${note}.new`, note);
}

/** Takes an upload away. */
export function dropUpload(folder: string, id: string): void {
	for (const ending of ['', NOTE, `${NOTE}.new`]) rmSync(fileOf(folder, id) + ending, { force: true });
}

const kept = z.object({ id: z.string(), name: z.string(), mode: z.enum(['preview', 'write', 'document']) });

function readNote(folder: string, id: string): KeptImport | null {
	try {
		const note: unknown = JSON.parse(readFileSync(fileOf(folder, id) + NOTE, 'utf8'));
		return kept.safeParse(note).success ? (note as KeptImport) : null;
	} catch {
		return null;
	}
}

/** Imports that were known before a restart, the oldest first; what is too old, or nobody's, is cleared away. */
export function keptImports(folder: string, now: number): KeptImport[] {
	const at = join(folder, UPLOADS);
	if (!existsSync(at)) return [];
	const files = readdirSync(at).filter((name) => !name.endsWith(NOTE) && !name.endsWith('.new'));
	const ages = new Map(files.map((id) => [id, statSync(join(at, id)).mtimeMs]));
	return files
		.sort((a, b) => (ages.get(a) ?? 0) - (ages.get(b) ?? 0))
		.flatMap((id) => {
			const note = now - (ages.get(id) ?? 0) < KEPT_MS ? readNote(folder, id) : null;
			if (!note) dropUpload(folder, id);
			return note ?? [];
		});
}
