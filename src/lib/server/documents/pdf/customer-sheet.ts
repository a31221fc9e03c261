import { policySentences, wiresOf, type FitUpView } from '../../../core/views';
import { fitUpOf, type KitSheet } from '../../services/kits';
import { highsSolver } from '../../solver/highs';
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
	{ title: 'Place', share: 0.42 },
	{ title: 'What goes there', share: 0.44 },
	{ title: 'Pieces', share: 0.14, align: 'right' }
];

function rows({ kit }: KitSheet): string[][] {
	return [...kit.lamps, ...kit.parts].map((line) => [
		line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle',
		line.verdict ? line.name : `${line.name} (${line.solves})`,
		String(line.count - line.spare)
	]);
}

function head(doc: Doc, sheet: KitSheet, { key, link }: { key: FitUpView['key']; link: string }): void {
	const size = 170;
	const width = inner(doc) - size - 10;
	doc.font('bold').fontSize(20).text('Your LED kit', MARGIN, MARGIN, { width });
	doc.font('regular').fontSize(12).text(sheet.vehicleName, { width });
	doc.fontSize(10).text(sheet.code ? `Kit ${sheet.code}` : 'Draft: not released, may still change', { width });
	drawQr(doc, link, { x: MARGIN - 6, y: doc.y + 4, size: 84 });
	doc.fontSize(9).text('This sheet on a phone:', MARGIN + 82, doc.y + 28, { width: width - 82 });
	doc.text(link, MARGIN + 82, doc.y, { width: width - 82 });
	const numbers = new Map(key.map(({ id, number }) => [id, number]));
	drawRota(doc, sheet.kit.sockets, { x: doc.page.width - MARGIN - size / 2, y: MARGIN + size / 2, size, numbers });
	doc.y = MARGIN + size + 12;
}

/** What the customer takes home: what goes where, which wire where, what stays as it was, cautions and the words of the policy. No prices. */
async function customerSheetPdf(sheet: KitSheet, paper: Paper, link: string): Promise<Buffer> {
	const { key, stops } = await fitUpOf(sheet, highsSolver);
	const draw = (doc: Doc) => {
		head(doc, sheet, { key, link });
		heading(doc, 'Places on the wheel');
		paragraph(doc, key.map(({ number, name }) => `${number} ${name}`).join('   ·   '), 10);
		heading(doc, 'What goes where');
		table(doc, COLUMNS, rows(sheet));
		const wires = wiresOf(sheet);
		if (wires.length > 0) heading(doc, 'Wires');
		bullets(doc, wires, 10);
		if (sheet.kit.open.length > 0) heading(doc, 'Stays as it was');
		for (const { name, why } of sheet.kit.open) paragraph(doc, `${name}: ${why}`, 10);
		heading(doc, 'Before you begin');
		bullets(doc, sheet.cautions, 10);
		heading(doc, 'Stop and go to a workshop where');
		bullets(doc, stops, 10);
		heading(doc, 'What this shop fits');
		for (const sentence of policySentences(sheet.policy, sheet.order.exception)) paragraph(doc, sentence, 10);
	};
	return pdf(
		{
			title: `Customer sheet, ${sheet.vehicleName}`,
			paper,
			foot: `${sheet.code ?? `draft ${sheet.id}`}  ·  ${sheet.vehicleName}`
		},
		draw
	);
}

export const customerSheet: KitPaper = {
	name: 'customer',
	label: 'Customer sheet',
	contents: 'what goes where, wires, cautions',
	print: customerSheetPdf
};
