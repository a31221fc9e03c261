import { createHash } from 'node:crypto';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { bytesText } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';

/** A document with the pictures it speaks of, as one file. */
export interface Archive {
	/** The document, JSON. */
	text: string;
	/** Bytes by SHA-256. */
	pictures: ReadonlyMap<string, Uint8Array>;
}

const DOCUMENT = 'rotalux.json';
const PICTURE = /^pictures\/([0-9a-f]{64})\.(jpg|png|webp)$/;
/** What an archive may unpack to, bytes, in all and of one file: more is not unpacked. */
const MOST_BYTES = 1_000_000_000;
const MOST_FILE = 200_000_000;
const MOST_FILES = 20_000;

/** True for bytes that begin as a ZIP archive does. */
export const isArchive = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

const endingOf = (type: string) => (type === 'image/png' ? 'png' : type === 'image/webp' ? 'webp' : 'jpg');

/** Packs a document and its pictures. Pictures are packed already and are only put in. */
export function packed(
	document: object,
	pictures: readonly { hash: string; type: string; bytes: Uint8Array }[]
): Buffer {
	const files: Record<string, Uint8Array | [Uint8Array, { level: 0 }]> = {
		[DOCUMENT]: strToU8(JSON.stringify(document, null, '\t'))
	};
	for (const { hash, type, bytes } of pictures) files[`pictures/${hash}.${endingOf(type)}`] = [bytes, { level: 0 }];
	return Buffer.from(zipSync(files));
}

/**
 * Unpacks an archive, looking at what it says of its size first. Files it does not know are left alone.
 * @returns one sentence when it is none, holds no document, or a picture in it is not what its name says
 */
export function unpacked(bytes: Uint8Array): Result<Archive, string> {
	let total = 0;
	let count = 0;
	let tooMuch = false;
	let files: Record<string, Uint8Array>;
	try {
		files = unzipSync(bytes, {
			filter: ({ name, originalSize }) => {
				if (name !== DOCUMENT && !PICTURE.test(name)) return false;
				total += originalSize;
				count += 1;
				if (originalSize > MOST_FILE || total > MOST_BYTES || count > MOST_FILES) tooMuch = true;
				return !tooMuch;
			}
		});
	} catch {
		return err('This archive is damaged and cannot be unpacked. Nothing was changed.');
	}
	if (tooMuch) return err(`This archive would unpack to more than ${bytesText(MOST_BYTES)}. Nothing was changed.`);
	const document = files[DOCUMENT];
	if (!document) return err(`This archive holds no ${DOCUMENT}. Nothing was changed.`);
	const pictures = new Map<string, Uint8Array>();
	for (const [name, data] of Object.entries(files)) {
		const hash = PICTURE.exec(name)?.[1];
		if (hash === undefined) continue;
		if (createHash('sha256').update(data).digest('hex') !== hash)
			return err(`The picture ${name} is not what its name says: it was changed or damaged. Nothing was changed.`);
		pictures.set(hash, data);
	}
	return ok({ text: strFromU8(document), pictures });
}
