import type { Knex } from 'knex';
import { aimRule, type AimRule } from '../../core/beam';
import { rememberedCandidates } from '../../core/kit';
import { ruleFamily } from '../../core/lamps';
import { socketCase, type Shop, type Verdict } from '../../core/match';
import type { Accessory, Configuration, Product, Proof, ProofOf } from '../../core/model';
import { boundsText, thresholdBounds } from '../../core/proof';
import { subjectName } from '../../core/record';
import { proveRows, provePlaces, type ProvePlace, type ProveRow } from '../../core/views';
import { findConfiguration } from '../repositories/configurations';
import { kitsOf, type StoredKit } from '../repositories/kits';
import { proofsOf, productsOf } from '../repositories/proofs';
import { shopData, type ShopData } from './catalogue';
import { recordsOfTests } from './proofs';

/** A lamp somebody may have fitted in a place. */
export interface ProveLamp {
	id: string;
	name: string;
	maker: string;
	/** What Match makes of it there; null where it is not asked. */
	verdict: Verdict | null;
}

/** Everything the stage Prove works with. */
export interface ProveView {
	configuration: Configuration;
	kits: { id: string; name: string; state: StoredKit['state'] }[];
	/** The kit that is taken to be fitted; null for want of one. */
	kit: string | null;
	/** What is fitted: lamps by socket, and the parts that stand in a circuit. */
	fitted: Record<string, string>;
	parts: ProofOf<'mode-test'>['parts'];
	products: Product[];
	accessories: Accessory[];
	places: ProvePlace[];
	rows: ProveRow[];
	/** Lamps for each place, by its first socket: what is fitted, what was tried, what Match would let in. */
	lamps: Record<string, ProveLamp[]>;
	proofs: Proof[];
	/** What tests taught of thresholds, in words. */
	taught: { subject: string; words: string; isContradictory: boolean }[];
	shop: Pick<Shop, 'policy' | 'assumptions'>;
	/** The rule of aim people begin with here. */
	rule: AimRule['id'];
	traffic: 'left' | 'right';
}

/** Lamps offered for a place at most. */
const MOST_LAMPS = 12;

/** Lamps Match would let into a place that throws a beam: those it refuses for another reason than a proof are left out. */
function candidatesAt(configuration: Configuration, { sockets }: ProvePlace, data: ShopData): ProveLamp[] {
	const socket = configuration.sockets.find(({ id }) => id === sockets[0]);
	const prepared = socket && socketCase(configuration, socket, { shop: data.shop, through: data.catalogue.through });
	if (!prepared) return [];
	return rememberedCandidates(prepared, data.catalogue)
		.filter(({ verdict, product, findings }) => {
			if (product.kind === 'halogen') return false;
			return verdict !== 'refused' || findings.every(({ level, gate }) => level !== 'refuse' || gate === 'law');
		})
		.slice(0, MOST_LAMPS)
		.map(({ product: { id, name, maker }, verdict }) => ({ id, name, maker, verdict }));
}

const fittedBy = ({ answer: { lines } }: StoredKit): Record<string, string> =>
	Object.fromEntries(
		lines.flatMap(({ product, sockets }) => (product === undefined ? [] : sockets.map((socket) => [socket, product])))
	);

function partsOf({ answer: { lines } }: StoredKit, accessories: ReadonlyMap<string, Accessory>): ProveView['parts'] {
	return lines.flatMap(({ accessory, fitted = [] }) => {
		if (accessory === undefined || accessories.get(accessory)?.kind === 'consumable') return [];
		return fitted.flatMap(({ pieces, socket, channel }) =>
			Array.from({ length: pieces }, () => ({
				accessory,
				...(socket === undefined ? {} : { socket }),
				...(channel === undefined ? {} : { channel })
			}))
		) as ProveView['parts'];
	});
}

/** The rule of aim for low beams that the market of a vehicle suggests. */
const usualRule = ({ market }: Configuration): string =>
	(ruleFamily(market) === 'UN' ? aimRule('un-r48-low-beam') : aimRule('us-vol'))?.id ?? 'un-r48-low-beam';

/** The stage Prove of a vehicle, with a kit as it is fitted; null when the vehicle is not there. */
export async function showProve(db: Knex, id: string, kitId?: string): Promise<ProveView | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const kits = (await kitsOf(db, id)).filter(({ answer }) => answer.lines.length > 0);
	const kit = kits.find((one) => one.id === kitId) ?? kits.find(({ state }) => state === 'released') ?? kits[0] ?? null;
	const proofs = await proofsOf(db, id);
	const fitted = kit ? fittedBy(kit) : {};
	const named = [...new Set([...Object.values(fitted), ...proofs.flatMap(productsOf)])];
	const data = await shopData(db, { configurations: [configuration], products: named });
	const { shop, catalogue } = data;
	const records = await recordsOfTests(db, proofs);
	const places = provePlaces(configuration, shop);
	const lampOf = (product: string): ProveLamp[] => {
		const known = catalogue.find(product)?.record;
		return known ? [{ id: known.id, name: known.name, maker: known.maker, verdict: null }] : [];
	};
	const lamps = places.map((place): [string, ProveLamp[]] => {
		const own = place.sockets.flatMap((socket) => fitted[socket] ?? []);
		const tried = proofs.flatMap((one) =>
			one.kind !== 'mode-test' && place.sockets.includes(one.socket) ? (one.product ?? []) : []
		);
		const offered = place.isBeam ? candidatesAt(configuration, place, data) : [];
		const more = [...new Set([...own, ...tried])].flatMap(lampOf);
		const verdicts = new Map(offered.map((one) => [one.id, one.verdict]));
		const first = more.map((one) => ({ ...one, verdict: verdicts.get(one.id) ?? null }));
		return [place.socket, [...first, ...offered.filter((one) => !more.some((other) => other.id === one.id))]];
	});
	const cases = new Map(
		named.flatMap((product) => {
			const known = catalogue.find(product);
			return known ? [[product, known] as const] : [];
		})
	);
	const accessories = new Map(shop.accessories.map((one) => [one.id as string, one]));
	const parts = kit ? partsOf(kit, accessories) : [];
	const partIds = new Set([
		...parts.map(({ accessory }) => accessory),
		...proofs.flatMap((one) => (one.kind === 'mode-test' ? one.parts.map(({ accessory }) => accessory) : []))
	]);
	const wanted = new Set(lamps.flatMap(([, list]) => list.map((one) => one.id)));
	return {
		configuration,
		kits: kits.map(({ id: own, name, state }) => ({ id: own, name, state })),
		kit: kit?.id ?? null,
		fitted,
		parts,
		products: [...new Set([...named, ...wanted])].flatMap((product) => catalogue.find(product)?.record ?? []),
		accessories: [...partIds].flatMap((one) => accessories.get(one) ?? []),
		places,
		rows: proveRows(configuration, { shop, proofs, fitted: provedLamps(fitted, proofs), cases }),
		lamps: Object.fromEntries(lamps),
		proofs,
		taught: thresholdBounds(configuration, proofs, records).map((bounds) => ({
			subject: subjectName(configuration, bounds.watched.subject),
			words: boundsText(bounds),
			isContradictory: bounds.isContradictory
		})),
		shop: { policy: shop.policy, assumptions: shop.assumptions },
		rule: usualRule(configuration),
		traffic: configuration.steering === 'right' ? 'left' : 'right'
	};
}

/** What is fitted, and lamps that were only tried in places that the kit leaves alone. */
function provedLamps(fitted: Readonly<Record<string, string>>, proofs: readonly Proof[]): Record<string, string> {
	const all: Record<string, string> = {};
	for (const proof of proofs.toReversed())
		if (proof.kind !== 'mode-test' && proof.product !== undefined) all[proof.socket] = proof.product;
	return { ...all, ...fitted };
}
