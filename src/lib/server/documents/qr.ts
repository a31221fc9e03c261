import bwipjs from 'bwip-js/node';

/** A QR code as squares: how many a side, quiet zone not counted, and a path over a square of that size. */
export interface QrCode {
	size: number;
	path: string;
}

interface Raw {
	pixs: ArrayLike<number>;
	pixx: number;
	pixy: number;
}

/** The QR code of a text, error correction M. @throws Error when the text is longer than a code holds */
export function qrCode(text: string): QrCode {
	const [raw] = bwipjs.raw('qrcode', text, { eclevel: 'M' } as never) as unknown as [Raw];
	const squares: string[] = [];
	for (let y = 0; y < raw.pixy; y++)
		for (let x = 0; x < raw.pixx; x++) if (raw.pixs[y * raw.pixx + x] === 1) squares.push(`M${x} ${y}h1v1h-1z`);
	return { size: raw.pixx, path: squares.join('') };
}
