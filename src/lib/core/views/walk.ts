import type { Configuration, Socket } from '../model';
import { socketName, socketsInWalk, type Standing } from '../vehicle';
import { draftOf, expectedPlaces, factsOf, missingOf, placeKeyText, type ExpectedPlace } from '../walk';
import { weakestStanding } from './doubts';

/** A socket as one row of the walk. */
export interface WalkRow {
	id: string;
	name: string;
	category: string | null;
	state: Socket['state'];
	lens: string | null;
	optic: string | null;
	missing: string[];
	/** The weakest standing among the facts a match stands on. */
	standing: Standing | null;
}

/** What a walk shows: rows in walking order, what is usually there and not listed, and what was looked for and is not there. */
export interface ShownWalk {
	rows: WalkRow[];
	expected: ExpectedPlace[];
	absent: { key: string; name: string }[];
}

/** The walk of a vehicle. */
export function showWalk(configuration: Configuration): ShownWalk {
	return {
		rows: socketsInWalk(configuration).map((socket) => ({
			id: socket.id,
			name: socketName(socket),
			category: socket.category ?? null,
			state: socket.state,
			lens: socket.lens ?? null,
			optic: socket.optic ?? null,
			missing: missingOf({ ...draftOf(socket), facts: factsOf(socket) }),
			standing: weakestStanding(socket)
		})),
		expected: expectedPlaces(configuration),
		absent: (configuration.absent ?? []).map((key) => ({ key, name: placeKeyText(key) }))
	};
}
