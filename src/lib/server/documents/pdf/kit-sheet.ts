import { policySentences, wiresOf, type LineView } from '../../../core/views';
import { shopDay } from '../../shop-time';
import { amount, money } from '../../../core/quantity';
import type { KitSheet } from '../../services/kits';
import {
	bullets,
	heading,
	inner,
	MARGIN,
	paragraph,
	pdf,
	table,
	type Doc,
	type KitPaper,
	type Paper,
	type PaperColumn
} from './paper';
import { drawQr } from './qr';
import { drawRota } from './rota';

const COLUMNS: readonly PaperColumn[] = [
	{ title: 'SKU', share: 0.15 },
	{ title: 'What', share: 0.27 },
	{ title: 'For', share: 0.24 },
	{ title: 'Packs', share: 0.08, align: 'right' },
	{ title: 'Pieces', share: 0.08, align: 'right' },
	{ title: 'Spare', share: 0.06, align: 'right' },
	{ title: 'Price', share: 0.12, align: 'right' }
];

const VERDICT: Record<string, string> = { fits: '', parts: 'fits with parts', unknown: 'CHECKED BY HAND' };

const cells =
	(currency: string) =>
	(line: LineView): string[] => {
		const what = [line.name, line.verdict ? VERDICT[line.verdict] : line.solves].filter(Boolean).join('\n');
		const places = line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle';
		const where = [places, ...line.doubts].join('\n');
		const spare = line.spare ? String(line.spare) : '-';
		return [line.sku, what, where, String(line.packs), String(line.count), spare, amount(line.price, currency)];
	};

function lines(doc: Doc, { title, rows }: { title: string; rows: readonly LineView[] }, currency: string): void {
	if (rows.length === 0) return;
	heading(doc, title);
	const columns = COLUMNS.map((c) => (c.title === 'Price' ? { ...c, title: `Price, ${currency}` } : c));
	table(doc, columns, rows.map(cells(currency)));
}

/** What a kit is, in short lines: its code, who checked it, its price, the policy. */
export function factsOf(sheet: KitSheet): string[] {
	const { checked } = sheet.life;
	return [
		sheet.branch ? `From ${sheet.branch}` : '',
		sheet.code
			? `Released as ${sheet.code}${sheet.releasedAt ? ` on ${shopDay(sheet.releasedAt)}` : ''}`
			: `Draft of revision ${sheet.revision}: not released, may still change`,
		checked ? `Checked by ${checked.by} on ${checked.on}` : '',
		sheet.also.length > 0 ? `Also for: ${sheet.also.join('; ')}` : '',
		`Total ${money(sheet.kit.total, sheet.currency)}, ${sheet.kit.spare} pieces spare`,
		...policySentences(sheet.policy, sheet.order.exception)
	].filter(Boolean);
}

function head(doc: Doc, sheet: KitSheet, link: string): void {
	const size = 190;
	const width = inner(doc) - size - 10;
	doc.font('bold').fontSize(20).text(sheet.name, MARGIN, MARGIN, { width });
	doc.font('regular').fontSize(11).text(sheet.vehicleName, { width });
	doc.moveDown(0.5).fontSize(10);
	for (const fact of factsOf(sheet)) doc.text(fact, { width });
	let after = doc.y;
	if (sheet.code) {
		drawQr(doc, link, { x: MARGIN - 6, y: doc.y + 4, size: 72 });
		doc.fontSize(8).text(link, MARGIN + 72, doc.y + 32, { width: width - 72 });
		after += 92;
	}
	drawRota(doc, sheet.kit.sockets, { x: doc.page.width - MARGIN - size / 2, y: MARGIN + size / 2, size });
	doc.y = Math.max(after, MARGIN + size + 12);
}

function compromises({ kit, life }: KitSheet): string[] {
	return [
		...kit.mismatches.map((m) => `${m.place} stands out in its white beside its neighbours (${m.sight}).`),
		...kit.missing.map((words) => `${words}.`),
		...kit.complaints.map((words) => `Circuit says: ${words}.`),
		...(life.checked?.signOffs ?? []).map((s) => `${s.what}: ${s.found}.`)
	];
}

/** The kit sheet: rota, lines, what is not as it should be, wires, open sockets, policy and cautions. */
function kitSheetPdf(sheet: KitSheet, paper: Paper, link: string): Promise<Buffer> {
	const draw = (doc: Doc) => {
		head(doc, sheet, link);
		lines(doc, { title: 'Lamps', rows: sheet.kit.lamps }, sheet.currency);
		lines(doc, { title: 'Parts', rows: sheet.kit.parts }, sheet.currency);
		const notes = compromises(sheet);
		if (notes.length > 0) heading(doc, 'Compromises and checks by hand');
		bullets(doc, notes);
		const wires = wiresOf(sheet);
		if (wires.length > 0) heading(doc, 'Wires');
		bullets(doc, wires);
		if (sheet.kit.open.length > 0) heading(doc, 'Open sockets');
		for (const { name, why } of sheet.kit.open) paragraph(doc, `${name}: ${why}`);
		heading(doc, 'Cautions');
		bullets(doc, sheet.cautions);
	};
	const foot = `${sheet.code ?? `draft ${sheet.id}`}  ·  ${sheet.vehicleName}`;
	return pdf({ title: `${sheet.name}, ${sheet.vehicleName}`, paper, foot }, draw);
}

export const kitSheet: KitPaper = {
	name: 'sheet',
	label: 'Kit sheet',
	contents: 'rota, lines, wires, open sockets, policy',
	print: kitSheetPdf
};
