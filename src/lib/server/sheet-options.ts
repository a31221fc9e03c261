import { type HeadingMap, type SheetName, SHEETS } from '../core/exchange';
import { EVIDENCE_SOURCES, PRODUCT_KINDS } from '../core/model';
import type { SheetOptions } from './services/sheets/import';

const text = (form: FormData, field: string) => String(form.get(field) ?? '').trim();

/** Headings as they were mapped in a form: `sheet:TAB` and `map:TAB:HEADING` fields. */
function mapsIn(form: FormData): SheetOptions['maps'] {
	const maps: Record<string, { sheet: SheetName; map: HeadingMap }> = {};
	for (const [field, value] of form) {
		const [kind, tab = '', heading] = field.split('\u001f');
		if (kind === 'sheet') {
			const sheet = SHEETS.find((name) => name === value) ?? 'sockets';
			maps[tab] = { sheet, map: maps[tab]?.map ?? {} };
		} else if (kind === 'map' && heading !== undefined) {
			const known = (maps[tab] ??= { sheet: 'sockets', map: {} });
			known.map[heading] = String(value) || null;
		}
	}
	return maps;
}

/** How a spreadsheet is meant, as a form says it. */
export function sheetOptions(form: FormData): SheetOptions {
	return {
		supplier: text(form, 'supplier').slice(0, 100),
		source: EVIDENCE_SOURCES.find((word) => word === text(form, 'source')) ?? null,
		configuration: text(form, 'configuration') || null,
		maps: mapsIn(form),
		leaveOut: text(form, 'leaveOut') === 'yes',
		kind: PRODUCT_KINDS.find((kind) => kind === text(form, 'kind')) ?? null,
		isSingle: text(form, 'single') === 'yes'
	};
}
