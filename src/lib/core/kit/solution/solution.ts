import type { PartPlace } from '../../accessories';
import type { Accessory, Pack, Product } from '../../model';
import type { CircuitComplaint } from '../../remedy';
import type { Solved } from '../../solver';
import type { AssemblyOption } from '../choices/assemblies';
import type { Group, Option } from '../choices/group';
import type { CutTerm, KitProgram, LampVariable, PartPurpose, PartVariable } from '../program';

/** Pieces of a part in one place. */
export interface PlacedPieces extends PartPlace {
	pieces: number;
}

/** A solved kit as a plain value: what goes where, what is bought, what is left. */
export interface KitSolution {
	/** What was minimised, and how low it could be at most. */
	objective: number;
	bound: number;
	served: { group: Group; option: Option }[];
	assemblies: AssemblyOption[];
	parts: { key: string; accessory: Accessory; purpose: PartPurpose; places: PlacedPieces[]; sockets: string[] }[];
	consumed: { accessory: Accessory; per: NonNullable<Accessory['use']>['per']; pieces: number }[];
	packs: { item: Product | Accessory; pack: Pack; number: number }[];
	open: Group[];
	/** Groups whose white stands out beside their neighbours. */
	mismatches: { sockets: string[]; sight: string }[];
	/** Pieces of consumables that the shelf does not have. */
	short: { accessory: Accessory; pieces: number }[];
	/** What the circuit still has to say against it. */
	complaints: CircuitComplaint[];
	/** Choices that were ruled out by the circuit on the way. */
	cuts: CutTerm[][];
}

/** What a variable of a solution is, as a whole number. */
export const valueOf = ({ values }: Solved, name: string): number => Math.round(values.get(name) ?? 0);

/** The groups each lamp goes to: those of a bundle are taken in order, and what is over is left open. */
export function groupsServed(
	{ lamps, left }: KitProgram,
	solved: Solved
): { served: [Group, LampVariable][]; open: Group[] } {
	const rest = new Map(left.map(({ group }) => [group, [...group.members]]));
	const served = lamps.flatMap((lamp) =>
		(rest.get(lamp.group) ?? [])
			.splice(0, valueOf(solved, lamp.name))
			.map((group): [Group, LampVariable] => [group, lamp])
	);
	const open = left.flatMap(({ name, group }) => (valueOf(solved, name) > 0 ? (rest.get(group) ?? []) : []));
	return { served, open };
}

/** Puts the pieces of a part into its places; the last one takes what is over. */
function placed({ places }: PartVariable, pieces: number): PlacedPieces[] {
	const taken = places.slice(0, pieces).map((place) => ({ ...place, pieces: 1 }));
	const last = taken.at(-1);
	if (last) last.pieces += Math.max(0, pieces - places.length);
	return taken;
}

function partsIn(kit: KitProgram, solved: Solved): KitSolution['parts'] {
	return kit.parts.flatMap((part) => {
		const pieces = valueOf(solved, part.name);
		if (pieces === 0) return [];
		const places = placed(part, pieces);
		const sockets = places.every((p) => p.socket) ? places.flatMap((p) => p.socket ?? []) : [...part.sockets];
		const { key, accessory, purpose } = part;
		return [{ key, accessory, purpose, places, sockets }];
	});
}

function consumedIn(kit: KitProgram, solved: Solved): KitSolution['consumed'] {
	return kit.consumed.flatMap(({ accessory, per, fixed, terms }) => {
		const used = terms.reduce((sum, [amount, name]) => sum + amount * valueOf(solved, name), fixed);
		const lacking = kit.short.find((s) => s.accessory === accessory);
		const pieces = Math.ceil(used - 1e-9) - (lacking ? valueOf(solved, lacking.name) : 0);
		return pieces > 0 ? [{ accessory, per, pieces }] : [];
	});
}

/** Reads what a solver found as a kit. */
export function readSolution(kit: KitProgram, solved: Solved): Omit<KitSolution, 'complaints' | 'cuts'> {
	const { served, open } = groupsServed(kit, solved);
	const chosen = <T extends { name: string }>(list: readonly T[]) =>
		list.filter(({ name }) => valueOf(solved, name) > 0);
	return {
		objective: solved.objective,
		bound: solved.bound,
		served: served.map(([group, { option }]) => ({ group, option })),
		assemblies: chosen(kit.assemblies).map(({ assembly }) => assembly),
		parts: partsIn(kit, solved),
		consumed: consumedIn(kit, solved),
		packs: chosen(kit.packs).map(({ name, item, pack }) => ({ item, pack, number: valueOf(solved, name) })),
		open,
		mismatches: chosen(kit.mismatches).map(({ sockets, sight }) => ({ sockets, sight })),
		short: chosen(kit.short).map(({ name, accessory }) => ({ accessory, pieces: valueOf(solved, name) }))
	};
}

/** Keys of the lamps and assemblies a kit has chosen, for each group of its own. */
export function chosenKeys({ served, assemblies }: Pick<KitSolution, 'served' | 'assemblies'>): string[] {
	return [
		...served.map(({ group, option }) => `${group.sockets[0]?.id}>${option.product.id}`),
		...assemblies.map(({ product }) => product.id)
	];
}
