import { inner, MARGIN, paragraph, pdf, type Doc, type Paper } from './paper';

const CORNERS = ['top left', 'top right', 'bottom right', 'bottom left'] as const;

function drawTarget(doc: Doc, radius: number): void {
	const [x, y] = [doc.page.width / 2, doc.page.height / 2];
	doc.lineWidth(1.5).circle(x, y, radius).stroke('#000000');
	// Black quarters on two sides, white between them.
	for (const from of [0, Math.PI]) {
		doc.moveTo(x, y).lineTo(x + radius * Math.cos(from), y + radius * Math.sin(from));
		doc.path(
			`M${x} ${y}L${x + radius * Math.cos(from)} ${y + radius * Math.sin(from)}A${radius} ${radius} 0 0 1 ${x + radius * Math.cos(from + Math.PI / 2)} ${y + radius * Math.sin(from + Math.PI / 2)}Z`
		);
		doc.fill('#000000');
	}
}

/** Four targets, one a sheet, to tape on the wall at the corners of a rectangle: a picture of the wall is put right by them. */
export function targetSheets(paper: Paper): Promise<Buffer> {
	return pdf({ title: 'Targets for pictures of a beam', paper }, (doc) => {
		CORNERS.forEach((corner, i) => {
			if (i > 0) doc.addPage();
			doc
				.font('bold')
				.fontSize(18)
				.text(`Target, ${corner}`, MARGIN, MARGIN, { width: inner(doc) });
			paragraph(
				doc,
				'Tape the four targets on the wall so that their middles are the corners of an upright rectangle about the beam: a spirit level for the upper edge, a tape for width and height (2000 x 1000 mm does for a wall at 5 m). Write both down. The two pictures may then be taken from slightly different places.',
				10
			);
			drawTarget(doc, inner(doc) * 0.36);
		});
	});
}
