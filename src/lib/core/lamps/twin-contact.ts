/**
 * Wedge caps with two contacts on each face. Their sockets exist in two wirings that look alike
 * (standard, and with the earths crossed); an LED of one wiring in the other shorts the feed.
 */
const TWIN_CONTACT_CAPS: ReadonlySet<string> = new Set(['W2.5x16q', 'WX2.5x16q', 'W3x16q', 'WY3x16q', 'WZX2.5x16q']);

/** True when the wiring of a socket with this cap has to be known before an LED may go in. */
export function isTwinContact(cap: string): boolean {
	return TWIN_CONTACT_CAPS.has(cap);
}
