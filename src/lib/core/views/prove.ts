import { beamCheck, assumedForChecks, type CheckOutcome } from '../beam';
import type { KitAnswer } from '../kit';
import { lampFunction } from '../lamps';
import { beamProof, evidenceIn, hasCutOff, policyFor, type ProductCase, type Shop } from '../match';
import { TEST_ROUNDS, type Configuration, type Proof, type ProofOf, type Socket } from '../model';
import { placeText, socketName, twinGroups } from '../vehicle';

/** A place where a lamp is proved: a left and a right socket of the same place go together. */
export interface ProvePlace {
	/** Its first socket stands for it. */
	socket: string;
	sockets: string[];
	name: string;
	/** True where it throws a beam: light, pictures and aim are asked for. */
	isBeam: boolean;
	hasCutOff: boolean;
	/** True where the shop's policy wants a beam check. */
	wantsCheck: boolean;
}

const isBeamPlace = ({ functions }: Socket) =>
	functions.some((id) => ['headlamp', 'fog'].includes(lampFunction(id).group));

const wantsCheck = (socket: Socket, { market }: Configuration, { policy }: Pick<Shop, 'policy'>): boolean =>
	socket.functions.some((id) => {
		const { group } = lampFunction(id);
		return (group === 'headlamp' || group === 'fog') && policyFor(policy, group, market) === 'proved';
	});

/** Every place of a vehicle with a lamp that can be changed, in the order they are recorded. */
export function provePlaces(configuration: Configuration, shop: Pick<Shop, 'policy'>): ProvePlace[] {
	const filament = configuration.sockets.filter(({ state }) => state === 'filament');
	return twinGroups(filament).map((group): ProvePlace => {
		const first = group[0] as Socket;
		return {
			socket: first.id,
			sockets: group.map(({ id }) => id),
			name: group.length > 1 ? placeText(first) : socketName(first),
			isBeam: isBeamPlace(first),
			hasCutOff: hasCutOff(first),
			wantsCheck: isBeamPlace(first) && wantsCheck(first, configuration, shop)
		};
	});
}

/** How one thing that can be proved stands. */
export type ProveState = 'good' | 'open' | 'bad' | 'not-wanted';

/** How a lamp stands in a place. */
export interface ProveRow extends ProvePlace {
	product: string | null;
	light: ProveState;
	pictures: ProveState;
	aim: ProveState;
	heat: ProveState;
	check: ProveState;
	/** Why the check stands as it does. */
	words: string;
}

const CHECK_STATE: Record<CheckOutcome, ProveState> = { proved: 'good', failed: 'bad', open: 'open' };

/** Proofs of a place, whichever of its sides they were taken on. */
export function proofsAt<K extends Exclude<Proof['kind'], 'mode-test'>>(
	proofs: readonly Proof[],
	kind: K,
	{ sockets, product }: { sockets: readonly string[]; product?: string | null }
): ProofOf<K>[] {
	const ofKind = proofs.filter((one): one is ProofOf<K> => one.kind === kind);
	return ofKind.filter((one) => {
		const { socket, product: tried } = one as { socket: string; product?: string };
		return sockets.includes(socket) && (product === undefined || (tried ?? null) === product);
	});
}

/** How each lamp that is fitted stands, place by place. Places that keep their lamp are left out. */
export function proveRows(
	configuration: Configuration,
	{
		shop,
		proofs,
		fitted,
		cases
	}: {
		shop: Shop;
		proofs: readonly Proof[];
		fitted: Readonly<Record<string, string>>;
		cases: ReadonlyMap<string, ProductCase>;
	}
): ProveRow[] {
	return provePlaces(configuration, shop).flatMap((place): ProveRow[] => {
		const product = place.sockets.flatMap((id) => fitted[id] ?? [])[0];
		const socket = configuration.sockets.find(({ id }) => id === place.socket);
		if (product === undefined || !socket) return [];
		const at = { sockets: place.sockets, product };
		const known = cases.get(product);
		const proof = known ? beamProof({ configuration, socket, shop }, known) : null;
		const beam = (isThere: boolean): ProveState => (place.isBeam ? (isThere ? 'good' : 'open') : 'not-wanted');
		const aims = proofsAt(proofs, 'aim', at);
		return [
			{
				...place,
				product,
				light: beam(proofsAt(proofs, 'light', at).length > 0),
				pictures: place.hasCutOff ? beam(proofsAt(proofs, 'beam', at).length > 0) : 'not-wanted',
				aim: beam(aims.length > 0),
				heat: proofsAt(proofs, 'temperature', at).length > 0 ? 'good' : place.isBeam ? 'open' : 'not-wanted',
				check: !place.isBeam
					? 'not-wanted'
					: proof
						? proof.changed.length > 0
							? 'open'
							: CHECK_STATE[proof.check.outcome]
						: place.wantsCheck
							? 'open'
							: 'not-wanted',
				words: checkWords(proof)
			}
		];
	});
}

function checkWords(proof: ReturnType<typeof beamProof>): string {
	if (!proof) return '';
	const { record, check, changed } = proof;
	const who = `${record.on}${record.by ? `, ${record.by}` : ''}`;
	if (changed.length > 0) return `${who}: changed since (${changed.join(', ')})`;
	const against = check.rules.filter(({ isMet }) => isMet === (check.outcome === 'failed' ? false : null));
	return check.outcome === 'proved' ? who : `${who}: ${against.map(({ label }) => label.toLowerCase()).join(', ')}`;
}

/** A lamp of a kit in a place where the shop's policy wants a beam check that is not there, or was not met. */
export interface UnprovedLine {
	sku: string;
	name: string;
	place: string;
	socket: string;
}

/** Lamps of a kit that its policy wants proved and that are not; none under a signed exception. */
export function unprovedLines(
	configuration: Configuration,
	{ lines }: Pick<KitAnswer, 'lines'>,
	{ shop, find }: { shop: Shop; find: (product: string) => ProductCase | undefined }
): UnprovedLine[] {
	if (shop.exception) return [];
	const places = provePlaces(configuration, shop).filter((place) => place.wantsCheck);
	return lines.flatMap(({ sku, name, product, sockets }): UnprovedLine[] => {
		const known = product === undefined ? undefined : find(product);
		if (known?.lamp !== 'led') return [];
		return places.flatMap((place): UnprovedLine[] => {
			const id = sockets.find((one) => place.sockets.includes(one));
			const socket = configuration.sockets.find((one) => one.id === id);
			if (!socket) return [];
			const proof = beamProof({ configuration, socket, shop }, known);
			const isProved = proof?.check.outcome === 'proved' && proof.changed.length === 0;
			return isProved ? [] : [{ sku, name, place: place.name, socket: socket.id }];
		});
	});
}

/** How the tests of every mode of a vehicle stand. */
export interface ModeTestRow {
	id: string;
	on: string;
	by: string | null;
	answered: number;
	/** Modes that went otherwise than expected. */
	otherwise: string[];
	/** True when it was tried cold and warm. */
	isWhole: boolean;
}

/** Tests of every mode, the newest first. */
export function modeTestRows(proofs: readonly Proof[]): ModeTestRow[] {
	return proofs.flatMap((one): ModeTestRow[] =>
		one.kind === 'mode-test'
			? [
					{
						id: one.id,
						on: one.on,
						by: one.by ?? null,
						answered: one.lines.length,
						otherwise: [...new Set(one.lines.flatMap((line) => (line.isAsExpected ? [] : line.mode)))],
						isWhole: TEST_ROUNDS.every((round) => one.lines.some((line) => line.round === round))
					}
				]
			: []
	);
}

/** What a beam check would come to with what is on record of a lamp in a place: the newest light before and after, pictures and aim. */
export function gatheredCheck(
	configuration: Configuration,
	{
		proofs,
		place,
		product,
		shop,
		by
	}: {
		proofs: readonly Proof[];
		place: ProvePlace;
		product: string;
		shop: Pick<Shop, 'assumptions'>;
		by: string | null;
	}
) {
	const at = { sockets: place.sockets };
	// A lamp is held against the one that was in the same housing: the other side says nothing of it.
	const stock = proofsAt(proofs, 'light', { ...at, product: null });
	const beforeOf = (socket: string) => stock.find((one) => one.socket === socket);
	const after = proofsAt(proofs, 'light', { ...at, product }).find((one) => beforeOf(one.socket));
	const before = after && beforeOf(after.socket);
	const beam = proofsAt(proofs, 'beam', { ...at, product })[0];
	const aimed = proofsAt(proofs, 'aim', { ...at, product })[0];
	const socket = configuration.sockets.find(({ id }) => id === place.socket);
	const set = ({ points, distance, ambient }: ProofOf<'light'>) => ({
		points,
		distance,
		...(ambient === undefined ? {} : { ambient })
	});
	const parts = {
		...(before && after ? { light: { before: set(before), after: set(after) } } : {}),
		...(beam
			? {
					pictures: {
						comparable: beam.numbers.comparable,
						tilt: beam.numbers.tilt,
						rise: beam.numbers.risePercent,
						hashes: [beam.before.picture, beam.after.picture]
					}
				}
			: {}),
		...(aimed
			? {
					aim: {
						rule: aimed.rule,
						height: aimed.height,
						distance: aimed.distance,
						drop: aimed.drop,
						...(aimed.stamped === undefined ? {} : { stamped: aimed.stamped })
					}
				}
			: {}),
		...(by ? { by } : {})
	};
	const evidence = socket && evidenceIn(parts, socket);
	return { parts, check: beamCheck(evidence ?? { hasCutOff: true }, assumedForChecks(shop.assumptions)) };
}
