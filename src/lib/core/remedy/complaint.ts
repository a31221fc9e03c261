import type { Configuration } from '../model';
import { supplyOf } from '../vehicle';
import { MODES, simulate, type SwitchId, type VehicleCircuit } from '../circuit';
import { seenIn, type ComplaintKind } from './symptoms';

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

/** Everything there is to complain of, each channel and kind once, with the modes it shows in. */
export function complaintsOf(circuit: VehicleCircuit, volts?: number): CircuitComplaint[] {
	const all = new Map<string, CircuitComplaint>();
	for (const switches of Object.values(MODES)) {
		const state = simulate(circuit, switches, volts);
		for (const found of seenIn(state)) {
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

/** Supplies a remedy has to hold at, V: engine off, where loads draw least, and charging, where fuses carry most. */
export function remedyVolts(configuration: Configuration): [rest: number, charging: number] {
	const { rest, charging } = supplyOf(configuration);
	return [rest, charging];
}

/** Everything to complain of at any supply a remedy has to hold at, each channel and kind once. */
export function complaintsAnywhere(circuit: VehicleCircuit): CircuitComplaint[] {
	const all = remedyVolts(circuit.configuration).flatMap((volts) => complaintsOf(circuit, volts));
	return [...new Map(all.map((complaint) => [complaint.id, complaint])).values()];
}

/** Ids of what there is to complain of in one mode, at any supply a remedy has to hold at. */
export function complaintIds(circuit: VehicleCircuit, switches: readonly SwitchId[]): Set<string> {
	const found = remedyVolts(circuit.configuration).flatMap((volts) => seenIn(simulate(circuit, switches, volts)));
	return new Set(found.map(({ channel, kind }) => `${channel} ${kind}`));
}
