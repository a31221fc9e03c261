import PDFDocument from 'pdfkit';
import { CAUTIONS, policySentences, type ShownLine } from '../../core/showing';
import { amount } from '../../core/units';
import type { KitSheet } from '../services/kits';
import { FONTS } from './fonts';
import { drawRota } from './pdf-rota';

type Doc = InstanceType<typeof PDFDocument>;

const MARGIN = 42;
const COLUMNS = [
	{ title: 'SKU', share: 0.15, align: 'left' },
	{ title: 'What', share: 0.27, align: 'left' },
	{ title: 'For', share: 0.24, align: 'left' },
	{ title: 'Packs', share: 0.08, align: 'right' },
	{ title: 'Pieces', share: 0.08, align: 'right' },
	{ title: 'Spare', share: 0.06, align: 'right' },
	{ title: 'Price', share: 0.12, align: 'right' }
] as const;

/** Space between columns, points. */
const GUTTER = 8;

const VERDICT: Record<string, string> = { fits: '', parts: 'fits with parts', unknown: 'CHECKED BY HAND' };

function cells(line: ShownLine): string[] {
	const what = [line.name, line.verdict ? VERDICT[line.verdict] : line.solves].filter(Boolean).join('\n');
	const places = line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle';
	const where = [places, ...line.doubts].join('\n');
	return [
		line.sku,
		what,
		where,
		String(line.packs),
		String(line.count),
		line.spare ? String(line.spare) : '-',
		amount(line.price)
	];
}

/** One row of a table, on a new page when it does not fit on this one. */
function row(doc: Doc, texts: readonly string[], font: keyof typeof FONTS): void {
	const width = doc.page.width - 2 * MARGIN;
	doc.font(font).fontSize(9);
	const heights = texts.map((text, i) =>
		doc.heightOfString(text, { width: width * (COLUMNS[i]?.share ?? 0) - GUTTER })
	);
	const height = Math.max(...heights) + 5;
	if (doc.y + height > doc.page.height - MARGIN) doc.addPage();
	const y = doc.y;
	let x = MARGIN;
	COLUMNS.forEach(({ share, align }, i) => {
		const last = i === COLUMNS.length - 1;
		doc.text(texts[i] ?? '', x, y, { width: width * share - (last ? 0 : GUTTER), align });
		x += width * share;
	});
	doc.y = y + height;
	doc
		.moveTo(MARGIN, doc.y - 3)
		.lineTo(MARGIN + width, doc.y - 3)
		.lineWidth(0.4)
		.stroke('#999999');
}

function table(doc: Doc, title: string, lines: readonly ShownLine[], currency: string): void {
	if (lines.length === 0) return;
	heading(doc, title);
	row(
		doc,
		COLUMNS.map((c) => (c.title === 'Price' ? `Price, ${currency}` : c.title)),
		'bold'
	);
	for (const line of lines) row(doc, cells(line), 'regular');
}

function heading(doc: Doc, text: string): void {
	if (doc.y > doc.page.height - 110) doc.addPage();
	doc.moveDown(0.6).font('bold').fontSize(12).fillColor('#000000').text(text, MARGIN);
	doc.moveDown(0.2);
}

function paragraph(doc: Doc, text: string): void {
	const width = doc.page.width - 2 * MARGIN;
	doc.font('regular').fontSize(9);
	if (doc.y + doc.heightOfString(text, { width }) > doc.page.height - MARGIN) doc.addPage();
	doc.text(text, MARGIN, doc.y, { width });
}

function head(doc: Doc, sheet: KitSheet): void {
	const size = 190;
	const width = doc.page.width - 2 * MARGIN;
	doc
		.font('bold')
		.fontSize(20)
		.text(sheet.name, MARGIN, MARGIN, { width: width - size - 10 });
	doc
		.font('regular')
		.fontSize(11)
		.text(sheet.vehicleName, { width: width - size - 10 });
	const facts = [
		sheet.code
			? `Released as ${sheet.code} on ${sheet.releasedAt?.slice(0, 10)}`
			: 'Draft: not released, may still change',
		sheet.signedBy ? `Checks by hand signed by ${sheet.signedBy}` : '',
		`Total ${amount(sheet.kit.total)} ${sheet.currency}, ${sheet.kit.spare} pieces spare`,
		...policySentences(sheet.policy, sheet.order.exception)
	];
	doc.moveDown(0.5).fontSize(10);
	for (const fact of facts.filter(Boolean)) doc.text(fact, { width: width - size - 10 });
	const after = Math.max(doc.y, MARGIN + size + 12);
	drawRota(doc, sheet.kit.sockets, { x: doc.page.width - MARGIN - size / 2, y: MARGIN + size / 2, size });
	doc.y = after;
}

/** A foot on every page, so that a loose sheet finds its kit again. */
function pageNumbers(doc: Doc, { code, id, vehicleName }: KitSheet): void {
	const { start, count } = doc.bufferedPageRange();
	for (let page = start; page < start + count; page++) {
		doc.switchToPage(page);
		doc.page.margins.bottom = 0; // the foot stands in the margin, where text would start a new page
		const text = `${code ?? `draft ${id}`}  ·  ${vehicleName}  ·  page ${page - start + 1} of ${count}`;
		doc.font('regular').fontSize(8).fillColor('#444444');
		doc.text(text, MARGIN, doc.page.height - MARGIN + 14, { width: doc.page.width - 2 * MARGIN, lineBreak: false });
	}
}

/** The kit sheet as PDF: rota, lines, open sockets, policy and cautions. */
export function kitSheetPdf(sheet: KitSheet, paper: 'A4' | 'LETTER' = 'A4'): Promise<Buffer> {
	const doc = new PDFDocument({
		size: paper,
		margin: MARGIN,
		bufferPages: true,
		info: { Title: `${sheet.name}, ${sheet.vehicleName}` }
	});
	for (const [name, file] of Object.entries(FONTS)) doc.registerFont(name, file);
	const chunks: Buffer[] = [];
	const done = new Promise<Buffer>((resolve, reject) => {
		doc.on('data', (chunk: Buffer) => chunks.push(chunk));
		doc.on('end', () => resolve(Buffer.concat(chunks)));
		doc.on('error', reject);
	});
	head(doc, sheet);
	table(doc, 'Lamps', sheet.kit.lamps, sheet.currency);
	table(doc, 'Parts', sheet.kit.parts, sheet.currency);
	if (sheet.kit.open.length > 0) heading(doc, 'Open sockets');
	for (const { name, why } of sheet.kit.open) paragraph(doc, `${name}: ${why}`);
	heading(doc, 'Cautions');
	for (const caution of CAUTIONS) paragraph(doc, `•  ${caution}`);
	pageNumbers(doc, sheet);
	doc.end();
	return done;
}
