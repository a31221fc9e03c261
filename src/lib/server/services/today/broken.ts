import { brokenKits } from '../kits/broken';
import { MOST_OF_A_KIND, type WaitingSource } from './source';

/** Released kits that a change has broken. */
export const brokenWaiting: WaitingSource = async (db) =>
	(await brokenKits(db)).slice(0, MOST_OF_A_KIND).map((kit) => ({
		kind: 'broken' as const,
		id: kit.id,
		vehicle: kit.configuration,
		title: `Do not sell as it stands: released kit “${kit.name}”`,
		detail: [kit.vehicle, kit.words[0] ?? ''].filter(Boolean).join(' · '),
		worth: 0,
		day: null,
		isPressing: true
	}));
