import { marked, type Token, type Tokens } from 'marked';
import { bullets, heading, MARGIN, paragraph, pdf, type Doc, type Paper } from './paper';

/** A page of the help, by its title and its Markdown. */
export interface ManualPage {
	title: string;
	markdown: string;
}

const MARKS = /\*\*|`|(?<=\])\([^)]*\)|[[\]]/g;
/** What a line of Markdown says, without its marks. */
const plain = (text: string) => text.replace(MARKS, '').replace(/\s+/g, ' ').trim();

function drawToken(doc: Doc, token: Token): void {
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
			if (!token.text.startsWith('![')) paragraph(doc, plain(token.text), 10);
			doc.moveDown(0.4);
			return;
		case 'space':
			return;
		default:
			paragraph(doc, plain(token.raw), 10);
	}
}

/** The help as a small manual to print: its pages one after the other, after a list of them. Pictures stay on the screen. */
export function manual(pages: readonly ManualPage[], paper: Paper): Promise<Buffer> {
	return pdf({ title: 'Rotalux, the manual', paper, foot: 'Rotalux, the manual' }, (doc) => {
		doc.font('bold').fontSize(20).text('Rotalux, the manual', MARGIN);
		doc.moveDown(0.5);
		bullets(
			doc,
			pages.map(({ title }) => title),
			11
		);
		for (const { title, markdown } of pages) {
			doc.moveDown(1);
			if (doc.y > doc.page.height / 1.5) doc.addPage();
			doc.font('bold').fontSize(15).fillColor('#000000').text(title, MARGIN);
			doc.moveDown(0.3);
			for (const token of marked.lexer(markdown)) drawToken(doc, token);
		}
	});
}
