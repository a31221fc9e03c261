import { Marked } from 'marked';
import { pictureName, pictureUrl } from './texts';

const marked = new Marked({
	renderer: {
		image({ href, text }) {
			const url = pictureUrl(pictureName(href));
			const alt = text.replaceAll('"', '&quot;');
			return url === null ? '' : `<img src="${url}" alt="${alt}" loading="lazy">`;
		}
	}
});

/** A page of the help as HTML, with its pictures where the shop serves them. */
export const helpHtml = (markdown: string): string => marked.parse(markdown, { async: false });
