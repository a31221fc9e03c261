import { MODE_IDS, type ModeId } from '../../circuit';
import type { Configuration, SymptomId } from '../../model';
import type { Simulations } from '../scene/simulations';
import type { Place } from '../symptoms';
import type { Suspect } from './hypothesis';
import type { Observation } from './observation';

/** One lamp of each suspected output: a message may name it. */
export function firstOnOutputs(configuration: Configuration, suspects: Iterable<Suspect>): string[] {
	const channels = new Set([...suspects].flatMap(({ channel }) => channel ?? []));
	return configuration.channels.flatMap(({ id, feeds: [first] }) => (first && channels.has(id) ? first.socket : []));
}

const LOOKED: readonly SymptomId[] = ['not-lit', 'dim', 'wrong-lamp', 'glow', 'flicker'];
const SIDES = ['left', 'right'] as const;

/** Everything that can be looked at in a mode, at the places somebody suspects. */
export function looksAt({
	simulations,
	sockets
}: {
	simulations: Simulations;
	sockets: ReadonlySet<string>;
}): Observation[] {
	const looked = new Set<string>();
	/** True the first time: in other modes that drive it alike, a lamp looks the same. */
	const isNew = (socket: string, mode: ModeId) => {
		const key = `${socket} ${simulations.drivenAlike(socket, mode)}`;
		if (looked.has(key)) return false;
		looked.add(key);
		return true;
	};
	return MODE_IDS.flatMap((mode: ModeId): Observation[] => {
		const state = simulations.stock(mode);
		const fed = new Set(state.lamps.flatMap((lamp) => (lamp.fed ? lamp.socket : [])));
		const at = (symptom: SymptomId, place: Place): Observation => ({ symptom, mode, place, absent: false });
		const flashes = state.lamps.some(({ flashing }) => flashing);
		const lamps = [...sockets]
			.filter((socket) => isNew(socket, mode))
			.flatMap((socket) =>
				LOOKED.filter((symptom) => fed.has(socket) !== (symptom === 'glow' || symptom === 'wrong-lamp')).map(
					(symptom) => at(symptom, { socket })
				)
			);
		const rates = flashes
			? SIDES.flatMap((side) => [
					at('hyperflash', { side }),
					at('hyperflash-later', { side }),
					at('no-flash', { side })
				])
			: [];
		return [...lamps, ...rates, at('message', {}), ...(fed.size > 0 ? [at('fuse', {}), at('modes-alike', {})] : [])];
	});
}
