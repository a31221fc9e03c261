import { err, ok, type Problem, type Result } from '../result';
import { withUnit } from '../vehicle';
import { readJson } from './budgets';
import { crossCheck } from './check';
import { problemsOf } from './problems';
import { document, FORMAT, type RotaluxDocument } from '../model';

function foreign(input: unknown): Problem[] | null {
	if (typeof input !== 'object' || input === null || Array.isArray(input))
		return [{ path: '', message: `is not a ${FORMAT} document: an object with "format": "${FORMAT}" is expected` }];
	const format = (input as { format?: unknown }).format;
	if (format === FORMAT) return null;
	const found = format === undefined ? 'has no "format"' : `has the format ${JSON.stringify(format)}`;
	return [{ path: 'format', message: `the file ${found}; only "${FORMAT}" is read` }];
}

/** Reads plain data as a `rotalux/1` document, or lists everything that is wrong with it. */
export function readDocument(input: unknown): Result<RotaluxDocument, Problem[]> {
	const stranger = foreign(input);
	if (stranger) return err(stranger);
	const parsed = document.safeParse(input);
	if (!parsed.success) return err(problemsOf(parsed.error, input));
	const problems = crossCheck(parsed.data);
	return problems.length > 0 ? err(problems) : ok(withUnitsFilled(parsed.data));
}

/** Sockets with what the units of the document keep for them, so that every reader sees whole sockets. */
function withUnitsFilled(doc: RotaluxDocument): RotaluxDocument {
	if (doc.units.length === 0) return doc;
	const units = new Map(doc.units.map((unit) => [unit.id as string, unit]));
	const configurations = doc.configurations.map((c) => ({ ...c, sockets: c.sockets.map((s) => withUnit(s, units)) }));
	return { ...doc, configurations };
}

/** Reads JSON text as a `rotalux/1` document. Text that is not JSON is a problem like any other. */
export function readDocumentText(text: string): Result<RotaluxDocument, Problem[]> {
	const read = readJson(text);
	return read.ok ? readDocument(read.value) : err([{ path: '', message: read.error }]);
}
