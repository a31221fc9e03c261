import type { Configuration, Socket } from '../model';
import { socketName } from '../vehicle';
import { checkDraft, draftOf, factsOf, missingOf } from '../walk';
import { recordedFacts, type RecordedFact } from './recorded';

/** A socket's record for the desk. */
export interface SocketRecordView {
	id: string;
	name: string;
	place: Pick<Socket, 'zone' | 'side' | 'index' | 'functions'> & { names: string[] };
	facts: RecordedFact[];
	missing: string[];
	doubts: string[];
	unit: { id: string; place: string } | null;
}

/** A socket's record: place, facts, what is missing and what to look at twice. */
export function socketRecordView(configuration: Configuration, socket: Socket): SocketRecordView {
	const draft = draftOf(socket);
	const others = configuration.sockets.filter((s) => s !== socket);
	const { impossible, doubts } = checkDraft(draft, { ...configuration, sockets: others });
	return {
		id: socket.id,
		name: socketName(socket),
		place: {
			zone: socket.zone,
			side: socket.side,
			index: socket.index,
			functions: socket.functions,
			names: socket.names ?? []
		},
		facts: recordedFacts('socket', socket, configuration.market),
		missing: missingOf({ ...draft, facts: factsOf(socket) }),
		doubts: [...impossible, ...doubts],
		unit: socket.unit ? { id: socket.unit.id, place: socket.unit.place } : null
	};
}
