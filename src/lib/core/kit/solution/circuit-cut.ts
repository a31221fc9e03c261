import { hasEffect } from '../../accessories';
import type { Configuration } from '../../model';
import type { CircuitComplaint } from '../../remedy';
import type { Solved } from '../../solver';
import type { CutTerm, KitProgram } from '../program';
import { valueOf } from './solution';

/** Every choice and part that has to do with the output of a complaint, as it was: not to be chosen so again. */
export function cutFor(
	configuration: Configuration,
	kit: KitProgram,
	{ solved, complaint }: { solved: Solved; complaint: CircuitComplaint }
): CutTerm[] {
	const channel = configuration.channels.find((c) => c.id === complaint.channel);
	const sockets = new Set<string>(channel?.feeds.map((f) => f.socket));
	const here = (group: { sockets: readonly { id: string }[] }) => group.sockets.some((s) => sockets.has(s.id));
	const lamps = kit.lamps.filter((l) => here(l.group));
	const assemblies = kit.assemblies.filter((a) => a.assembly.groups.some(here));
	const parts = kit.parts.filter(
		(p) =>
			hasEffect(p.accessory, 'steady-flasher') ||
			p.places.some((place) => place.channel === complaint.channel || sockets.has(place.socket ?? ''))
	);
	const terms = (list: readonly { key: string; name: string }[]) =>
		list.map(({ key, name }): CutTerm => ({ key, value: valueOf(solved, name) }));
	return [...terms(lamps).filter((t) => t.value > 0), ...terms(assemblies).filter((t) => t.value > 0), ...terms(parts)];
}
