import type { Configuration, Socket } from '../model';
import { inMarket } from '../lamps';
import { socketName, socketsInWalk, voltageOf, type Confirmation } from '../vehicle';
import { draftOf, expectedPlaces, factsOf, missingOf, placeKeyText, type ExpectedPlace } from '../walk';
import { weakestConfirmation } from './doubts';
import { recordedFacts, type RecordedFact } from './recorded';

/** A socket as one row of the walk. */
export interface WalkRow {
	id: string;
	name: string;
	category: string | null;
	state: Socket['state'];
	lens: string | null;
	optic: string | null;
	missing: string[];
	/** The weakest confirmation among the facts a match stands on. */
	confirmation: Confirmation | null;
}

/** What a walk shows: rows in walking order, what is usually there and not listed, and what was looked for and is not there. */
export interface WalkView {
	rows: WalkRow[];
	expected: ExpectedPlace[];
	absent: { key: string; name: string }[];
	/** Facts of the whole vehicle: its supply, and what a look at it says of every output. */
	vehicle: RecordedFact[];
}

/** The supply of a vehicle whose kind has only one, where nobody wrote it down. */
function usualSupply(fact: RecordedFact, configuration: Configuration): RecordedFact {
	const volts = fact.id === 'voltage' && fact.value === null ? voltageOf(configuration) : null;
	return volts === null ? fact : { ...fact, text: `${volts} V, as every ${configuration.kind}` };
}

/** The walk of a vehicle. */
export function walkView(configuration: Configuration): WalkView {
	return {
		rows: socketsInWalk(configuration).map((socket) => ({
			id: socket.id,
			name: inMarket(socketName(socket), configuration.market),
			category: socket.category ?? null,
			state: socket.state,
			lens: socket.lens ?? null,
			optic: socket.optic ?? null,
			missing: missingOf({ ...draftOf(socket), facts: factsOf(socket) }),
			confirmation: weakestConfirmation(socket)
		})),
		expected: expectedPlaces(configuration),
		absent: (configuration.absent ?? []).map((key) => ({ key, name: placeKeyText(key) })),
		vehicle: recordedFacts('vehicle', configuration, configuration.market).map((fact) =>
			usualSupply(fact, configuration)
		)
	};
}
