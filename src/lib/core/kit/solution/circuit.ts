import { fittedPart } from '../../accessories';
import { STOCK, vehicleCircuit, type FittedLamp, type VehicleCircuit } from '../../circuit';
import type { Configuration, Product } from '../../model';
import { complaintsAnywhere, type CircuitComplaint } from '../../remedy';
import { assemblyLamp } from '../choices/assemblies';
import type { KitChoices } from '../choices/choices';
import type { KitSolution } from './solution';

/** The vehicle with a solution in it, beside what is fitted already. */
export function circuitWith(
	{ configuration, fitted }: KitChoices,
	{ served, assemblies, parts }: Pick<KitSolution, 'served' | 'assemblies' | 'parts'>
): VehicleCircuit {
	const lamps = new Map<string, FittedLamp>();
	const put = (id: string, product: Product) => lamps.set(id, { kind: 'product', product });
	for (const [id, product] of fitted) put(id, product);
	for (const { group, option } of served) for (const { id } of group.sockets) put(id, option.product);
	for (const { groups, product } of assemblies)
		for (const socket of groups.flatMap((g) => g.sockets)) put(socket.id, assemblyLamp(product, configuration, socket));
	const pieces = parts.flatMap(({ accessory, places }) =>
		places.flatMap(({ pieces: number, ...place }) =>
			Array.from({ length: number }, () => fittedPart(accessory, configuration, place))
		)
	);
	return vehicleCircuit(configuration, { lamps, parts: pieces, faults: [] });
}

const cache = new WeakMap<Configuration, ReadonlyMap<string, ReadonlySet<string>>>();

/** What there was to complain of as the vehicle left the works, at any supply: the sockets of each complaint. */
function complaintsBefore(configuration: Configuration): ReadonlyMap<string, ReadonlySet<string>> {
	const cached = cache.get(configuration);
	if (cached) return cached;
	const all = complaintsAnywhere(vehicleCircuit(configuration, STOCK));
	const found = new Map(all.map((c) => [c.id, new Set(c.sockets)]));
	cache.set(configuration, found);
	return found;
}

/** What there is to complain of in a circuit that there was not as the vehicle left the works, at any supply: the same at another lamp is new. */
export function newComplaints(circuit: VehicleCircuit): CircuitComplaint[] {
	const before = complaintsBefore(circuit.configuration);
	return complaintsAnywhere(circuit).filter(({ id, sockets }) => {
		const known = before.get(id);
		return !known || sockets.some((socket) => !known.has(socket));
	});
}
