import { randomBytes } from 'node:crypto';
import { z } from 'zod';
import { isMode } from '../core/circuit';
import { isSymptomId, type Complaint } from '../core/model';
import { err, ok, type Result } from '../core/result';

/** A new number of a complaint. */
export const newComplaintId = (): string => `C${randomBytes(4).toString('hex').toUpperCase()}`;

/** What the symptom picker sends: closed choices only. */
const picked = z
	.array(
		z.object({
			symptom: z.string().refine(isSymptomId),
			mode: z.string().refine((mode) => mode === '' || isMode(mode)),
			place: z.string().max(100)
		})
	)
	.max(30);

/** Reads what the symptom picker sent. */
export function readSeen(typed: FormDataEntryValue | null): Result<NonNullable<Complaint['seen']>, string> {
	let raw: unknown;
	try {
		raw = JSON.parse(typeof typed === 'string' && typed !== '' ? typed : '[]');
	} catch {
		return err('What was chosen cannot be read. Choose it again.');
	}
	const read = picked.safeParse(raw);
	if (!read.success) return err('What was chosen cannot be read. Choose it again.');
	return ok(
		read.data.map(({ symptom, mode, place }) => ({
			symptom,
			...(mode === '' ? {} : { mode }),
			...(place.startsWith('socket:') ? { socket: place.slice('socket:'.length) } : {}),
			...(place === 'left' || place === 'right' ? { side: place as 'left' | 'right' } : {})
		}))
	);
}

/** A line of a form, without spaces round it; undefined when it is empty. */
export function lineOf(form: FormData, name: string, longest = 200): string | undefined {
	const text = String(form.get(name) ?? '').trim();
	return text === '' ? undefined : text.slice(0, longest);
}
