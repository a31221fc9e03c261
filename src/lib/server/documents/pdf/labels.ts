import type { KitSheet } from '../../services/kits';
import { shopDay } from '../../shop-time';
import { pdf, type Doc, type KitPaper, type Paper } from './paper';
import { drawQr } from './qr';

/** Labels on a sheet: two across, five down, as sheets of sticky labels are cut. */
const ACROSS = 2;
const DOWN = 5;
const EDGE = 24;
const PAD = 10;
/** Share of a label's width for its code: 25 mm of an A4 label, which a phone reads at arm's length. */
const QR_SHARE = 0.32;

interface Label {
	title: string;
	lines: string[];
}

function labelsOf(sheet: KitSheet): Label[] {
	const code = sheet.code ?? `draft ${sheet.id}`;
	const box: Label = {
		title: code,
		lines: [sheet.name, sheet.vehicleName, sheet.releasedAt ? `Released ${shopDay(sheet.releasedAt)}` : 'Not released']
	};
	const bags = [...sheet.kit.lamps, ...sheet.kit.parts].map((line): Label => ({
		title: line.places.length > 0 ? line.places.join('; ') : 'The whole vehicle',
		lines: [line.name, `${line.sku}, ${line.count - line.spare} pieces`, code]
	}));
	return [box, ...bags];
}

function drawLabel(
	doc: Doc,
	{ label, link }: { label: Label; link: string },
	at: { x: number; y: number; width: number; height: number }
): void {
	const qr = Math.min(at.height - 2 * PAD, QR_SHARE * at.width);
	doc.rect(at.x, at.y, at.width, at.height).lineWidth(0.3).stroke('#bbbbbb');
	drawQr(doc, link, { x: at.x + at.width - qr - PAD, y: at.y + PAD, size: qr });
	const width = at.width - qr - 3 * PAD;
	doc.font('bold').fontSize(13).fillColor('#000000');
	doc.text(label.title, at.x + PAD, at.y + PAD, { width, height: 48, ellipsis: true });
	doc.font('regular').fontSize(9.5);
	for (const line of label.lines) {
		const room = at.y + at.height - PAD - doc.y;
		if (room > 12) doc.text(line, at.x + PAD, doc.y + 2, { width, height: Math.min(24, room), ellipsis: true });
	}
}

/** Labels: one for the box with code and QR, and one for the bag of each line with the place its pieces go to. */
function labelsPdf(sheet: KitSheet, paper: Paper, link: string): Promise<Buffer> {
	const draw = (doc: Doc) => {
		const width = (doc.page.width - 2 * EDGE) / ACROSS;
		const height = (doc.page.height - 2 * EDGE) / DOWN;
		doc.page.margins = { top: 0, bottom: 0, left: 0, right: 0 };
		labelsOf(sheet).forEach((label, i) => {
			const spot = i % (ACROSS * DOWN);
			if (i > 0 && spot === 0) {
				doc.addPage();
				doc.page.margins = { top: 0, bottom: 0, left: 0, right: 0 };
			}
			const x = EDGE + (spot % ACROSS) * width;
			const y = EDGE + Math.floor(spot / ACROSS) * height;
			drawLabel(doc, { label, link }, { x, y, width, height });
		});
	};
	return pdf({ title: `Labels, ${sheet.name}`, paper }, draw);
}

export const labels: KitPaper = {
	name: 'labels',
	label: 'Labels',
	contents: 'box and bags, with the code',
	print: labelsPdf
};
