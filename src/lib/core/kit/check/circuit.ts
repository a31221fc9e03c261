import { STOCK, vehicleCircuit, type VehicleCircuit } from '../../circuit';
import { complaintsAnywhere } from '../../remedy';
import { circuitWithKit } from '../answer/circuit-of-answer';
import type { Check } from './facts';

/** Complaints of a circuit at every supply, each channel and kind once. */
const complaintsIn = (circuit: VehicleCircuit) => new Map(complaintsAnywhere(circuit).map((c) => [c.id, c]));

/** Circuit finds nothing to complain of that was not there before, but what the kit itself owns up to. */
export const circuitCheck: Check = ({ configuration, catalogue, shop, answer }) => {
	const circuit = circuitWithKit(configuration, answer, {
		product: (id) => catalogue.find(id)?.record,
		accessory: (id) => shop.accessories.find((a) => a.id === id)
	});
	const before = complaintsIn(vehicleCircuit(configuration, STOCK));
	const owned = new Set(answer.complaints.map((c) => c.id));
	const found = [...complaintsIn(circuit).values()].filter((c) => !before.has(c.id) && !owned.has(c.id));
	return found.map((c) => `${c.kind} on ${c.channel}: ${c.why}`);
};
