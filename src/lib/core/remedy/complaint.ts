import { VOLTS_CHARGING, VOLTS_REST } from '../quantity';
import { FUSE_SHARE, MODES, simulate, type ModeState, type SwitchId, type VehicleCircuit } from '../circuit';

/** What a complaint is of. */
export type ComplaintKind = 'message' | 'hyperflash' | 'flicker' | 'glow' | 'fuse' | 'short';

/** Something the driver would see, or a fuse that would suffer, on one channel. */
export interface CircuitComplaint {
	/** Channel and kind. */
	id: string;
	kind: ComplaintKind;
	channel: string;
	sockets: string[];
	/** The first mode it shows in, to look at it again. */
	switches: readonly SwitchId[];
	/** Every mode it shows in, in words. */
	modes: string[];
	/** The numbers behind it. */
	why: string;
}

type Found = Omit<CircuitComplaint, 'modes' | 'switches' | 'id'>;

function fuseOf(state: ModeState): Found[] {
	return state.channels.flatMap(({ id, blown, fuseShare, flashing }): Found[] => {
		const base = { channel: id, sockets: [] as string[] };
		if (blown) return [{ ...base, kind: 'short', why: 'it draws more than its fuse carries' }];
		const lasting = (fuseShare ?? 0) * (flashing ? 0.5 : 1);
		return lasting > FUSE_SHARE
			? [{ ...base, kind: 'fuse', why: `${Math.round(lasting * 100)} % of its fuse, lastingly` }]
			: [];
	});
}

function foundIn(state: ModeState): Found[] {
	const monitors = state.channels
		.filter((c) => c.monitor === 'complains' && !c.blown)
		.map(({ id, flashing, why }): Found => ({
			kind: flashing ? 'hyperflash' : 'message',
			channel: id,
			sockets: [],
			why
		}));
	const lights = state.lamps.flatMap(({ socket, channel, flicker, glow }): Found[] => {
		const pulses = flicker.word === 'strobes' || flicker.word === 'drops-out';
		const of = { channel, sockets: [socket] };
		if (pulses)
			return [
				{
					...of,
					kind: 'flicker',
					why:
						flicker.word === 'strobes'
							? `strobes, ${flicker.modulation} % modulation, low risk is ${flicker.limit?.toFixed(0)} %`
							: 'its pulses are too short to start'
				}
			];
		return glow === 'none'
			? []
			: [
					{
						...of,
						kind: 'glow',
						why: glow === 'pulses' ? 'blinks faintly from cold-check pulses' : 'lit through a bad earth'
					}
				];
	});
	return [...monitors, ...fuseOf(state), ...lights];
}

/** Everything there is to complain of, each channel and kind once, with the modes it shows in. */
export function complaintsOf(circuit: VehicleCircuit, volts?: number): CircuitComplaint[] {
	const all = new Map<string, CircuitComplaint>();
	for (const switches of Object.values(MODES)) {
		const state = simulate(circuit, switches, volts);
		for (const found of foundIn(state)) {
			const id = `${found.channel} ${found.kind}`;
			const known = all.get(id);
			if (!known) all.set(id, { ...found, id, switches, modes: [state.label] });
			else {
				known.sockets.push(...found.sockets.filter((socket) => !known.sockets.includes(socket)));
				if (!known.modes.includes(state.label)) known.modes.push(state.label);
			}
		}
	}
	return [...all.values()];
}

/** Supplies a remedy has to hold at: engine off, where loads draw least, and charging, where fuses carry most. */
export const REMEDY_VOLTS: readonly number[] = [VOLTS_REST, VOLTS_CHARGING];

/** Ids of what there is to complain of in one mode, at any supply a remedy has to hold at. */
export function complaintIds(circuit: VehicleCircuit, switches: readonly SwitchId[]): Set<string> {
	const found = REMEDY_VOLTS.flatMap((volts) => foundIn(simulate(circuit, switches, volts)));
	return new Set(found.map(({ channel, kind }) => `${channel} ${kind}`));
}
