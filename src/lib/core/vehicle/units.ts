import type { Configuration, Evidence, Socket, Unit, UnitSocket } from '../model';

/** The fields of a socket that a shared lamp unit keeps for it. */
const SHARED = ['category', 'wiring', 'state', 'optic', 'lens', 'envelope', 'cap', 'retention', 'surface'] as const;
type SharedField = (typeof SHARED)[number];

/** True when a fact is kept with the unit, and so is the same in every vehicle that has it. */
export function isShared(socket: { readonly unit?: unknown }, fact: string): boolean {
	return socket.unit !== undefined && SHARED.includes(fact.split('.')[0] as SharedField);
}

const isOwn = ({ fact }: Evidence) => !SHARED.includes(fact.split('.')[0] as SharedField);

/** The shared fields of a socket, as a unit keeps them. */
export function unitSocketOf(socket: Socket, place: string): UnitSocket {
	const shared = SHARED.flatMap((field) => (socket[field] === undefined ? [] : [[field, socket[field]]]));
	const evidence = (socket.evidence ?? []).filter((item) => !isOwn(item));
	return {
		place,
		functions: socket.functions,
		state: socket.state,
		...Object.fromEntries(shared),
		...(evidence.length > 0 ? { evidence } : {})
	};
}

/** A socket without what its unit keeps for it. */
export function withoutUnit(socket: Socket): Socket {
	if (!socket.unit) return socket;
	const { evidence, ...rest } = socket;
	const own = (evidence ?? []).filter(isOwn);
	const kept = Object.entries(rest).filter(([field]) => field === 'state' || !SHARED.includes(field as SharedField));
	return { ...Object.fromEntries(kept), ...(own.length > 0 ? { evidence: own } : {}) } as Socket;
}

/** A socket with what its unit keeps for it; as it stands when the unit or the place is not known. */
export function withUnit(socket: Socket, units: ReadonlyMap<string, Unit>): Socket {
	const shared = socket.unit && units.get(socket.unit.id)?.sockets.find((s) => s.place === socket.unit?.place);
	if (!shared) return socket;
	const { place: _place, functions: _functions, evidence = [], ...facts } = shared;
	const all = [...evidence, ...(socket.evidence ?? []).filter(isOwn)];
	const { evidence: _own, ...rest } = withoutUnit(socket);
	return { ...rest, ...facts, ...(all.length > 0 ? { evidence: all } : {}) } as Socket;
}

/** Every unit a configuration refers to. */
export function unitIdsOf({ sockets }: Pick<Configuration, 'sockets'>): string[] {
	return [...new Set(sockets.flatMap((socket) => (socket.unit ? [socket.unit.id] : [])))];
}
