/** How the two pins of a bayonet cap stand: opposite each other or at an angle, at one height or two. */
export interface Pins {
	/** Seen from below: opposite (180 degrees), or nearer on one side. */
	round: 'opposite' | 'angled';
	/** Along the cap. */
	height: 'level' | 'offset';
}

/** Pins by the letters of the cap (IEC 60061): BA level and opposite; Y offset in height; U, W and X angled; Z angled and offset. */
const BY_LETTERS: Readonly<Record<string, Pins>> = {
	BA: { round: 'opposite', height: 'level' },
	BAY: { round: 'opposite', height: 'offset' },
	BAU: { round: 'angled', height: 'level' },
	BAW: { round: 'angled', height: 'level' },
	BAX: { round: 'angled', height: 'level' },
	BAZ: { round: 'angled', height: 'offset' }
};
const BAYONET = /^(BA[A-Z]?)(\d+)([sd])/;

/** What a bayonet cap looks like: its pins, its width in mm, and the contacts on its foot; null for another cap. */
export function bayonetCap(cap: string): { pins: Pins; across: number; contacts: 1 | 2 } | null {
	const [, letters = '', across = '', contacts = ''] = BAYONET.exec(cap) ?? [];
	const pins = BY_LETTERS[letters];
	return pins ? { pins, across: Number(across), contacts: contacts === 'd' ? 2 : 1 } : null;
}
