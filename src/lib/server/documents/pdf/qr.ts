import { qrCode } from '../qr';
import type { Doc } from './paper';

/** Quiet zone around a code, in its squares, as ISO/IEC 18004 wants it. */
const QUIET = 4;

/** Draws the QR code of a text into a square, quiet zone included. */
export function drawQr(doc: Doc, text: string, at: { x: number; y: number; size: number }): void {
	const { size, path } = qrCode(text);
	const scale = at.size / (size + 2 * QUIET);
	doc.save().translate(at.x, at.y).scale(scale).translate(QUIET, QUIET);
	doc.path(path).fill('#000000');
	doc.restore();
}
