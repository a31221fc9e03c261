import { z } from 'zod';
import { document } from '../model';

/** The JSON Schema of `rotalux/1` for those who write files: fields with a default may be left out. */
export function jsonSchema(): object {
	return { title: 'rotalux/1', ...z.toJSONSchema(document, { io: 'input' }) };
}
