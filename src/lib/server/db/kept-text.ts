/** A text as a server keeps it: a zero, or half of a character, is no text there, and is kept as the sign for what cannot be read. */
export const keptText = (text: string): string => text.toWellFormed().replaceAll('\0', '\u{fffd}');
