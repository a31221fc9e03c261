import { hasEffect } from '../../accessories';
import { lampSignature } from '../../circuit';
import type { Configuration } from '../../model';
import type { CircuitComplaint } from '../../remedy';
import type { Solved } from '../../solver';
import type { CutTerm, KitProgram, LampVariable } from '../program';
import { valueOf } from './solution';

/** Lamps of one group that the circuit cannot tell apart, and how many of its members have one of them. */
function lampTerms(lamps: readonly LampVariable[], solved: Solved): CutTerm[] {
	const classes = new Map<string, { keys: string[]; value: number }>();
	for (const { group, option, key, name } of lamps) {
		const id = `${group.sockets[0]?.id} ${lampSignature(option.product)}`;
		const known = classes.get(id) ?? { keys: [], value: 0 };
		classes.set(id, known);
		known.keys.push(key);
		known.value += valueOf(solved, name);
	}
	return [...classes.values()].filter(({ value }) => value > 0);
}

/** What of a program has to do with the output of a complaint. */
function concerned(configuration: Configuration, kit: KitProgram, complaint: CircuitComplaint) {
	const channel = configuration.channels.find((c) => c.id === complaint.channel);
	const sockets = new Set<string>(channel?.feeds.map((f) => f.socket));
	const here = (group: { sockets: readonly { id: string }[] }) => group.sockets.some((s) => sockets.has(s.id));
	return {
		lamps: kit.lamps.filter((l) => here(l.group)),
		assemblies: kit.assemblies.filter((a) => a.assembly.groups.some(here)),
		parts: kit.parts.filter(
			(p) =>
				hasEffect(p.accessory, 'steady-flasher') ||
				p.places.some((place) => place.channel === complaint.channel || sockets.has(place.socket ?? ''))
		)
	};
}

/** Every choice and part that has to do with the output of a complaint, as it was: not to be chosen so again, nor what the circuit takes for the same. */
export function cutFor(
	configuration: Configuration,
	kit: KitProgram,
	{ solved, complaint }: { solved: Solved; complaint: CircuitComplaint }
): CutTerm[] {
	const { lamps, assemblies, parts } = concerned(configuration, kit, complaint);
	const terms = (list: readonly { key: string; name: string }[]) =>
		list.map(({ key, name }): CutTerm => ({ keys: [key], value: valueOf(solved, name) }));
	return [...lampTerms(lamps, solved), ...terms(assemblies).filter((t) => t.value > 0), ...terms(parts)];
}

/** Cuts that leave every socket of a complaining output as it is: none of its lamps is chosen. What a person fixed is not touched. */
export function banFor(configuration: Configuration, kit: KitProgram, complaint: CircuitComplaint): CutTerm[][] {
	const byGroup = new Map<LampVariable['group'], string[]>();
	for (const { group, key } of concerned(configuration, kit, complaint).lamps)
		if (!group.fixed) byGroup.set(group, [...(byGroup.get(group) ?? []), key]);
	return [...byGroup.values()].map((keys) => [{ keys, value: 1 }]);
}
