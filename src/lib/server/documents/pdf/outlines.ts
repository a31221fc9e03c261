import { lampOutline, type LampCategory } from '../../../core/lamps';
import { inner, MARGIN, paragraph, pdf, type Doc, type Paper } from './paper';

/** Points to a millimetre. */
const PER_MM = 72 / 25.4;
const ROW_MM = 46;
const CHECK_MM = 50;

function outlineAt(doc: Doc, category: LampCategory, [x, y]: readonly [number, number]): void {
	const { parts, lightCentre, isToScale } = lampOutline(category);
	doc.save().translate(x, y).scale(PER_MM).lineWidth(0.25).strokeColor('#000000');
	for (const { path } of parts) doc.path(path).stroke();
	if (lightCentre !== null) doc.circle(lightCentre, 0, 0.8).stroke();
	doc.restore();
	doc.font('bold').fontSize(9).fillColor('#000000');
	doc.text(category.category, x, y + 15 * PER_MM, { lineBreak: false });
	doc.font('regular').fontSize(7);
	doc.text(isToScale ? category.caps.join(', ') : 'size not known: not to scale', x, y + 19 * PER_MM, {
		lineBreak: false
	});
}

/** Lamps in true size to lay one on, two in a row, with a line of 50 mm to check the printer by. */
export function outlinesSheet(categories: readonly LampCategory[], paper: Paper): Promise<Buffer> {
	return pdf({ title: 'Lamps in true size', paper, foot: 'Lamps in true size' }, (doc) => {
		doc.font('bold').fontSize(13).text('Lamps in true size', MARGIN);
		paragraph(
			doc,
			'Print without scaling. The line below must measure 50 mm; lay a cold lamp on its drawing. Bases are schematic.',
			9
		);
		let y = doc.y + 14;
		doc
			.lineWidth(1)
			.moveTo(MARGIN, y)
			.lineTo(MARGIN + CHECK_MM * PER_MM, y)
			.stroke();
		y += 20 * PER_MM;
		categories.forEach((category, i) => {
			const column = i % 2;
			if (column === 0 && i > 0) y += ROW_MM * PER_MM;
			if (y > doc.page.height - MARGIN - 24 * PER_MM) {
				doc.addPage();
				y = MARGIN + 18 * PER_MM;
			}
			outlineAt(doc, category, [MARGIN + column * (inner(doc) / 2), y]);
		});
	});
}
