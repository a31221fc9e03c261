import type { Configuration, Socket } from '../model';
import { edited, type Edit, type Witness } from '../record';
import { err } from '../result';
import { groupName, withValueAt } from '../vehicle';
import { placesOf, type SocketDraft } from './draft';
import { isPlaceKey, placeKey, placeKeyText } from './place-key';
import { readWalkLine } from './reading';
import { freeSocketId } from './socket-id';

/** A socket with facts, each carrying where it comes from. */
export function withFacts(socket: Socket, facts: Readonly<Record<string, unknown>>, witness: Witness): Socket {
	const evidence = Object.entries(facts).map(([fact, value]) => ({ fact, value, ...witness }));
	const filled = Object.entries(facts).reduce((s, [path, value]) => withValueAt(s, path, value), socket);
	return evidence.length > 0 ? { ...filled, evidence: [...(socket.evidence ?? []), ...evidence] } : filled;
}

function socketsOf(draft: SocketDraft, configuration: Configuration, witness: Witness): Socket[] {
	const { zone, functions, facts } = draft;
	if (!zone) return [];
	const taken = new Set<string>(configuration.sockets.map((s) => s.id));
	return placesOf(draft).map(({ side, index }) => {
		const id = freeSocketId({ functions, zone, side, index }, taken);
		return withFacts({ id, zone, side, index, functions, state: 'filament' }, facts, witness);
	});
}

/** Writes that a place has no lamp, or takes that back. */
export function markAbsent(key: string, absent: boolean): Edit {
	if (!isPlaceKey(key)) return () => err(`“${key.slice(0, 60)}” is no place of a vehicle. Nothing was changed.`);
	return (configuration) => {
		const { absent: before = [], ...rest } = configuration;
		const after = [...before.filter((other) => other !== key), ...(absent ? [key] : [])];
		const next = (after.length > 0 ? { ...rest, absent: after } : rest) as Configuration;
		return edited(next, `${placeKeyText(key)}: ${absent ? 'not fitted' : 'not looked at yet'}`);
	};
}

/** Adds what a walk-line says, each fact with its source; a line that cannot be taken says why and changes nothing. */
export function addLine(line: string, witness: Witness): Edit {
	return (configuration) => {
		const { draft, problems } = readWalkLine(line, configuration);
		const [problem] = problems;
		if (problem || !draft.zone) return err(problem ?? 'The line is empty.');
		const key = placeKey({ zone: draft.zone, functions: draft.functions });
		if (draft.absent) return markAbsent(key, true)(configuration);
		const sockets = socketsOf(draft, configuration, { ...witness, source: draft.source ?? witness.source });
		const absent = configuration.absent?.filter((other) => other !== key);
		return edited(
			{ ...configuration, sockets: [...configuration.sockets, ...sockets], ...(absent ? { absent } : {}) },
			`${groupName(sockets)} added`
		);
	};
}
