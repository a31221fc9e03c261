import { decimal } from '../core/quantity';
import { err, ok, type Result } from '../core/result';

/** Largest file read at once, bytes. */
export const MAX_BYTES = 10_000_000;

/** An uploaded file, or one sentence why it is not read. */
export async function uploadedBytes(
	form: FormData,
	field: string
): Promise<Result<{ name: string; bytes: Uint8Array }, string>> {
	const file = form.get(field);
	if (!(file instanceof File) || file.size === 0)
		return err('No file was chosen, or the file is empty. Nothing was changed.');
	if (file.size > MAX_BYTES)
		return err(
			`${file.name} is ${decimal(file.size / 1e6)} MB; at most ${MAX_BYTES / 1e6} MB are read at once. Nothing was changed.`
		);
	return ok({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
}
