const END_OF_DIRECTORY = 0x06054b50;
const DIRECTORY_ENTRY = 0x02014b50;
const END_LENGTH = 22;
const ENTRY_LENGTH = 46;
const LONGEST_COMMENT = 65_535;

/**
 * What a ZIP file says it comes to when it is unpacked, bytes, from the directory at its end (APPNOTE 4.3); null when it has none that can be read.
 * A file may lie: who unpacks it needs a limit of their own as well.
 */
export function unpackedBytes(bytes: Uint8Array): number | null {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	const earliest = Math.max(0, bytes.length - END_LENGTH - LONGEST_COMMENT);
	for (let end = bytes.length - END_LENGTH; end >= earliest; end--) {
		if (view.getUint32(end, true) !== END_OF_DIRECTORY) continue;
		const count = view.getUint16(end + 10, true);
		let at = view.getUint32(end + 16, true);
		let sum = 0;
		for (let i = 0; i < count; i++) {
			if (at + ENTRY_LENGTH > bytes.length || view.getUint32(at, true) !== DIRECTORY_ENTRY) return null;
			sum += view.getUint32(at + 24, true);
			at +=
				ENTRY_LENGTH + view.getUint16(at + 28, true) + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
		}
		return sum;
	}
	return null;
}
