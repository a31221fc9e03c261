import { tooLarge } from '../core/quantity';
import { err, ok, type Result } from '../core/result';

/** An uploaded file, or one sentence why it is not read. */
export async function uploadedBytes(
	form: FormData,
	field: string
): Promise<Result<{ name: string; bytes: Uint8Array }, string>> {
	const file = form.get(field);
	if (!(file instanceof File) || file.size === 0)
		return err('No file was chosen, or the file is empty. Nothing was changed.');
	const large = tooLarge(file);
	if (large) return err(large);
	return ok({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
}
