import type { Glass, LampCategory, Mount } from '../category';
import { bayonetCap, type Pins } from './pins';

/** What a lamp in the hand shows without a tool; what is not known is null. */
export interface LampLooks {
	mount: Mount;
	pins: Pins | null;
	contacts: 1 | 2 | null;
	glass: Glass;
	/** Over all, and across the widest glass, mm. */
	length: number | null;
	across: number | null;
}

const WEDGE_CONTACTS: Readonly<Record<string, 1 | 2>> = { d: 1, q: 2 };

/** Contacts of a wedge cap: one pair (`d`) or two (`q`). */
function wedgeContacts(cap: string): 1 | 2 | null {
	return WEDGE_CONTACTS[/x[\d.]+([dq])$/.exec(cap)?.[1] ?? ''] ?? null;
}

/** What the lamps of a category look like, by the table of the standards. */
export function looksOf({ mount, caps, glass, length, diameter, filaments }: LampCategory): LampLooks {
	const [cap = ''] = caps;
	const bayonet = mount === 'bayonet' ? bayonetCap(cap) : null;
	const contacts = bayonet?.contacts ?? (mount === 'wedge' ? wedgeContacts(cap) : filaments === 2 ? 2 : null);
	return {
		mount,
		pins: bayonet?.pins ?? null,
		contacts,
		glass,
		length: length ?? null,
		across: diameter ?? null
	};
}
