/** True when a body is known to be bigger than its room, mm; what nobody measured exceeds nothing. */
export function exceeds(body: number | null | undefined, room: number | null | undefined): boolean {
	return body != null && room != null && body > room;
}
