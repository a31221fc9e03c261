import { readFileSync } from 'node:fs';
import { type RotaluxDocument } from '../lib/core/model';
import { readDocumentText } from '../lib/core/exchange';
import { summarise } from '../lib/core/result';

/** Input that cannot be worked with: one line of plain words on standard error, exit 2. */
export class BadInput extends Error {}

/** What a command leaves: JSON (or text) for standard output, and the exit code. */
export interface Outcome {
	output: unknown;
	exit?: number;
}

/** A command of the command line. */
export interface Command {
	/** Its arguments, as the help shows them. */
	usage: string;
	run: (args: string[]) => Promise<Outcome> | Outcome;
}

const UNREADABLE: Record<string, string> = {
	ENOENT: 'there is no such file',
	EISDIR: 'it is a folder, name a file in it',
	EACCES: 'this account may not read it'
};

/** Bytes of a file, or of standard input for `-`. @throws BadInput when it cannot be read */
export function readBytes(file: string | undefined): Uint8Array {
	if (!file) throw new BadInput('No file is named; give a path, or - for standard input.');
	try {
		return new Uint8Array(readFileSync(file === '-' ? 0 : file));
	} catch (cause) {
		const code = (cause as NodeJS.ErrnoException).code;
		throw new BadInput(`${file} cannot be read: ${UNREADABLE[code ?? ''] ?? code ?? 'unknown reason'}.`);
	}
}

/** Text of a file, or of standard input for `-`. @throws BadInput when it cannot be read */
export function readText(file: string | undefined): string {
	return new TextDecoder().decode(readBytes(file));
}

/** A `rotalux/1` document from a file. @throws BadInput with the first problem when it does not hold together */
export function readFileDocument(file: string | undefined): RotaluxDocument {
	return readDocumentIn(readText(file), file);
}

/** A `rotalux/1` document from a text. @throws BadInput with the first problem when it does not hold together */
export function readDocumentIn(text: string, file: string | undefined): RotaluxDocument {
	const read = readDocumentText(text);
	if (!read.ok) throw new BadInput(`${file}: ${summarise(read.error)}.`);
	return read.value;
}

/** A number given on the command line. @throws BadInput when it is none, or out of range */
export function readNumber(name: string, text: string | undefined, { min, max }: { min: number; max: number }): number {
	const value = Number(text);
	if (text === undefined || text.trim() === '' || !Number.isFinite(value))
		throw new BadInput(`--${name} must be a number, is "${text ?? ''}".`);
	if (value < min || value > max) throw new BadInput(`--${name} must be from ${min} to ${max}, is ${value}.`);
	return value;
}

/** One of a list of words. @throws BadInput naming the list */
export function readWord<T extends string>(name: string, text: string | undefined, words: readonly T[]): T {
	const found = words.find((word) => word === text);
	if (found === undefined) throw new BadInput(`${name} must be one of ${words.join(', ')}, is "${text ?? ''}".`);
	return found;
}
