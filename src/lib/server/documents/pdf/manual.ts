import { marked, type Token, type Tokens } from 'marked';
import { bullets, heading, inner, MARGIN, paragraph, pdf, type Doc, type Paper } from './paper';

/** A page of the help, by its title and its Markdown. */
export interface ManualPage {
	title: string;
	markdown: string;
	/** Its pictures, PNG, by the address they have in it. */
	pictures: ReadonlyMap<string, Buffer>;
}

const MARKS = /\*\*|`|(?<=\])\([^)]*\)|[[\]]/g;
/** What a line of Markdown says, without its marks. */
const plain = (text: string) => text.replace(MARKS, '').replace(/\s+/g, ' ').trim();

/** Width of a picture, of that of the text. */
const PICTURE_SHARE = 0.8;
/** A page of the help begins above this height of the paper, or on the next one: one with a picture needs more. */
const BEGINS_ABOVE = { plain: 0.67, pictured: 0.42 } as const;

/** A picture, on the next page where it does not fit any more; nothing for one that is not there. */
function drawPicture(doc: Doc, picture: Buffer | undefined): void {
	if (!picture) return;
	// Width and height stand behind the signature and the name of the first chunk of a PNG.
	const wide = inner(doc) * PICTURE_SHARE;
	const tall = (wide * picture.readUInt32BE(20)) / picture.readUInt32BE(16);
	if (doc.y + tall > doc.page.height - 2 * MARGIN) doc.addPage();
	const top = doc.y;
	doc.image(picture, MARGIN, top, { width: wide });
	doc.rect(MARGIN, top, wide, tall).lineWidth(0.5).stroke('#999999');
	doc.y = top + tall + 6;
}

/** Addresses of the pictures in a page of the help. */
export const picturesIn = (markdown: string): string[] =>
	marked
		.lexer(markdown)
		.flatMap((token) =>
			token.type === 'paragraph'
				? (token as Tokens.Paragraph).tokens.flatMap((part) => (part.type === 'image' ? [String(part.href)] : []))
				: []
		);

function drawToken(doc: Doc, token: Token, pictures: ManualPage['pictures']): void {
	switch (token.type) {
		case 'heading':
			return heading(doc, plain(token.text));
		case 'list':
			return bullets(
				doc,
				(token as Tokens.List).items.map((item) => plain(item.text)),
				10
			);
		case 'paragraph':
			if (picturesIn(token.raw).length === 0) paragraph(doc, plain(token.text), 10);
			for (const href of picturesIn(token.raw)) drawPicture(doc, pictures.get(href));
			doc.moveDown(0.4);
			return;
		case 'space':
			return;
		default:
			paragraph(doc, plain(token.raw), 10);
	}
}

/** The help as a small manual to print: its pages one after the other, after a list of them. */
export function manual(pages: readonly ManualPage[], paper: Paper): Promise<Buffer> {
	return pdf({ title: 'Rotalux, the manual', paper, foot: 'Rotalux, the manual' }, (doc) => {
		doc.font('bold').fontSize(20).text('Rotalux, the manual', MARGIN);
		doc.moveDown(0.5);
		bullets(
			doc,
			pages.map(({ title }) => title),
			11
		);
		for (const { title, markdown, pictures } of pages) {
			doc.moveDown(1);
			const most = pictures.size > 0 ? BEGINS_ABOVE.pictured : BEGINS_ABOVE.plain;
			if (doc.y > doc.page.height * most) doc.addPage();
			doc.font('bold').fontSize(15).fillColor('#000000').text(title, MARGIN);
			doc.moveDown(0.3);
			for (const token of marked.lexer(markdown)) drawToken(doc, token, pictures);
		}
	});
}
