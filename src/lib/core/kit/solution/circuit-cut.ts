import { STOCK, vehicleCircuit, type VehicleCircuit } from '../../circuit';
import type { Configuration } from '../../model';
import { valueOf } from '../answer/answer';
import type { CutTerm, KitProgram } from '../program';
import { complaintsOf, REMEDY_VOLTS, type CircuitComplaint } from '../../remedy';
import type { Solution } from '../../solver/solver';

type Values = Extract<Solution, { values: unknown }>['values'];

const cache = new WeakMap<Configuration, ReadonlySet<string>>();

/** Ids of what there was to complain of as the vehicle left the works, at any supply. */
function complaintsBefore(configuration: Configuration): ReadonlySet<string> {
	const seen = cache.get(configuration);
	if (seen) return seen;
	const stock = vehicleCircuit(configuration, STOCK);
	const found = new Set(REMEDY_VOLTS.flatMap((volts) => complaintsOf(stock, volts).map((c) => c.id)));
	cache.set(configuration, found);
	return found;
}

/** What there is to complain of with a kit that there was not as the vehicle left the works, at any supply. */
export function newComplaints(configuration: Configuration, circuit: VehicleCircuit): CircuitComplaint[] {
	const before = complaintsBefore(configuration);
	const after = REMEDY_VOLTS.flatMap((volts) => complaintsOf(circuit, volts));
	return [...new Map(after.map((c) => [c.id, c])).values()].filter((c) => !before.has(c.id));
}

/** Every choice and part that has to do with the output of a complaint, as it was: not to be chosen so again. */
export function cutFor(
	configuration: Configuration,
	kit: KitProgram,
	values: Values,
	complaint: CircuitComplaint
): CutTerm[] {
	const sockets = new Set(configuration.channels.find((c) => c.id === complaint.channel)?.feeds.map((f) => f.socket));
	const here = (group: { sockets: readonly { id: string }[] }) => group.sockets.some((s) => sockets.has(s.id as never));
	const lamps = kit.lamps.filter((l) => here(l.group));
	const assemblies = kit.assemblies.filter((a) => a.assembly.groups.some(here));
	const parts = kit.parts.filter(
		(p) =>
			p.accessory.kind === 'flasher' ||
			p.places.some(
				(place) =>
					place.channel === complaint.channel || (place.socket !== undefined && sockets.has(place.socket as never))
			)
	);
	const terms = (list: readonly { key: string; name: string }[]) =>
		list.map(({ key, name }): CutTerm => ({ key, value: valueOf(values, name) }));
	return [...terms(lamps).filter((t) => t.value > 0), ...terms(assemblies).filter((t) => t.value > 0), ...terms(parts)];
}
