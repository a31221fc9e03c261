import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { readDocument } from '../../core/exchange';
import type { RotaluxDocument } from '../../core/model';
import { summarise } from '../../core/result';

/** Folder of the demo data in the project. */
const DEMO_FOLDER = resolve('data/demo');

function files(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true })
		.flatMap((entry) => (entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)]))
		.filter((file) => file.endsWith('.json'))
		.sort();
}

/** The demo data as one document. @throws Error when a file does not hold together */
export function demoDocument(folder = DEMO_FOLDER): RotaluxDocument {
	const parts = files(folder).map((file) => JSON.parse(readFileSync(file, 'utf8')) as RotaluxDocument);
	const all = {
		...Object.assign({}, ...parts),
		units: parts.flatMap((part) => part.units ?? []),
		configurations: parts.flatMap((part) => part.configurations ?? []),
		products: parts.flatMap((part) => part.products ?? []),
		accessories: parts.flatMap((part) => part.accessories ?? []),
		complaints: parts.flatMap((part) => part.complaints ?? []),
		kits: parts.flatMap((part) => part.kits ?? []),
		fittings: parts.flatMap((part) => part.fittings ?? []),
		proofs: parts.flatMap((part) => part.proofs ?? [])
	};
	const read = readDocument(all);
	if (!read.ok) throw new Error(`The demo data do not hold together: ${summarise(read.error)}`);
	return read.value;
}
