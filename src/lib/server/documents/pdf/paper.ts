import PDFDocument from 'pdfkit';
import type { KitSheet } from '../../services/kits';
import { FONTS } from './fonts';

export type Doc = InstanceType<typeof PDFDocument>;
export type Paper = 'A4' | 'LETTER';

/** One paper of a kit. */
export interface KitPaper {
	/** Its name in an address. */
	name: string;
	label: string;
	/** What stands on it, in words. */
	contents: string;
	/** @param link address that its code opens */
	print: (sheet: KitSheet, paper: Paper, link: string) => Promise<Buffer>;
}

/** Space around what is printed, points. */
export const MARGIN = 42;
/** Space between columns, points. */
const GUTTER = 8;

/** Width between the margins, points. */
export const inner = (doc: Doc): number => doc.page.width - 2 * MARGIN;

/** One column of a table on paper. */
export interface PaperColumn {
	title: string;
	/** Share of the width. */
	share: number;
	align?: 'left' | 'right';
}

/** Makes a document: `draw` puts everything on it, `foot` stands on every page so that a loose sheet finds its kit again. */
export function pdf(
	{ title, paper, foot }: { title: string; paper: Paper; foot?: string },
	draw: (doc: Doc) => void
): Promise<Buffer> {
	const doc = new PDFDocument({ size: paper, margin: MARGIN, bufferPages: true, info: { Title: title } });
	for (const [name, file] of Object.entries(FONTS)) doc.registerFont(name, file);
	const chunks: Buffer[] = [];
	const done = new Promise<Buffer>((resolve, reject) => {
		doc.on('data', (chunk: Buffer) => chunks.push(chunk));
		doc.on('end', () => resolve(Buffer.concat(chunks)));
		doc.on('error', reject);
	});
	draw(doc);
	if (foot !== undefined) pageNumbers(doc, foot);
	doc.end();
	return done;
}

function pageNumbers(doc: Doc, foot: string): void {
	const { start, count } = doc.bufferedPageRange();
	for (let page = start; page < start + count; page++) {
		doc.switchToPage(page);
		doc.page.margins.bottom = 0; // the foot stands in the margin, where text would start a new page
		doc.font('regular').fontSize(8).fillColor('#444444');
		const text = `${foot}  ·  page ${page - start + 1} of ${count}`;
		doc.text(text, MARGIN, doc.page.height - MARGIN + 14, { width: inner(doc), lineBreak: false });
	}
}

/** A heading, on a new page when little room is left. */
export function heading(doc: Doc, text: string): void {
	if (doc.y > doc.page.height - 110) doc.addPage();
	doc.moveDown(0.6).font('bold').fontSize(12).fillColor('#000000').text(text, MARGIN);
	doc.moveDown(0.2);
}

/** A paragraph over the whole width. */
export function paragraph(doc: Doc, text: string, size = 9): void {
	const width = inner(doc);
	doc.font('regular').fontSize(size).fillColor('#000000');
	if (doc.y + doc.heightOfString(text, { width }) > doc.page.height - MARGIN) doc.addPage();
	doc.text(text, MARGIN, doc.y, { width });
}

/** Sentences with a dot before each. */
export function bullets(doc: Doc, texts: readonly string[], size = 9): void {
	for (const text of texts) paragraph(doc, `•  ${text}`, size);
}

/** One row of a table, on a new page when it does not fit on this one. */
export function row(
	doc: Doc,
	columns: readonly PaperColumn[],
	{ texts, font }: { texts: readonly string[]; font: keyof typeof FONTS }
): void {
	const width = inner(doc);
	doc.font(font).fontSize(9).fillColor('#000000');
	const heights = texts.map((text, i) =>
		doc.heightOfString(text, { width: width * (columns[i]?.share ?? 0) - GUTTER })
	);
	const height = Math.max(...heights) + 5;
	if (doc.y + height > doc.page.height - MARGIN) doc.addPage();
	const y = doc.y;
	let x = MARGIN;
	columns.forEach(({ share, align = 'left' }, i) => {
		const last = i === columns.length - 1;
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

/** A table with its headings; nothing when there are no rows. */
export function table(doc: Doc, columns: readonly PaperColumn[], rows: readonly (readonly string[])[]): void {
	if (rows.length === 0) return;
	row(doc, columns, { texts: columns.map((c) => c.title), font: 'bold' });
	for (const texts of rows) row(doc, columns, { texts, font: 'regular' });
}
