import type { Accessory, Configuration, Product, Socket } from '../../model';
import { filamentOf, lampFunction } from '../../lamps';
import { policyFor, type Catalogue, type Shop, type Verdict } from '../../match';
import { assemblyAmounts } from '../weigh/amounts';
import { addAmounts, NO_AMOUNTS, type Amounts } from '../weigh/balance';
import type { Group } from './group';

/** An assembly, or a pod with its bracket, on one vehicle: what it does away with, and what comes along. */
export interface AssemblyOption {
	product: Product;
	/** Groups whose lamps it replaces, both sides together. */
	groups: Group[];
	/** Pieces that are fitted together. */
	pieces: number;
	verdict: Verdict;
	/** Why it wants a check by hand; null when it does not. */
	check: string | null;
	/** Accessories that come along, one of each for each piece; null when one of them is not on sale. */
	along: Accessory[] | null;
	amounts: Amounts;
}

/** What an assembly draws in place of the lamp of a socket, as a lamp of that socket, so that the circuit can count it. */
export function assemblyLamp(product: Product, configuration: Configuration, socket: Socket): Product {
	const mount = product.mounts?.find((m) => m.configuration === configuration.id && m.sockets.includes(socket.id));
	const drawn = (role: 'major' | 'minor') => {
		const watts = socket.functions
			.filter((id) => filamentOf(socket.functions, id) === role)
			.flatMap((id) => mount?.draws[id] ?? []);
		return watts.length > 0 ? Math.max(...watts) : undefined;
	};
	const power = { at13v5: drawn('major'), minor: drawn('minor') };
	return { ...product, power } as Product;
}

/** True when somebody has held it to the vehicle: a source in hand, or the manual, for where it mounts. */
function isProved({ evidence = [] }: Product): boolean {
	return evidence.some(
		(item) => item.fact === 'mounts' && !item.overruled && (item.source === 'in-hand' || item.source === 'manual')
	);
}

function checkOf(
	product: Product,
	sockets: readonly Socket[],
	{ configuration, shop }: { configuration: Configuration; shop: Shop }
) {
	if (!isProved(product)) return 'nobody has held it to this vehicle: the fit is its maker’s word';
	const groups = sockets.flatMap((s) => s.functions.map((id) => lampFunction(id).group));
	const kept = (['headlamp', 'fog'] as const).some(
		(group) => groups.includes(group) && policyFor(shop.policy, group, configuration.market) === 'signals-only'
	);
	return kept && !shop.exception
		? 'it is a headlamp, and the policy of the shop keeps those as they are: read its marking, and sign for it'
		: null;
}

function optionFor(
	product: Product,
	{ configuration, shop }: { configuration: Configuration; shop: Shop },
	groups: readonly Group[]
) {
	const mounts = (product.mounts ?? []).filter((m) => m.configuration === configuration.id);
	const ids = new Set(mounts.flatMap((m) => m.sockets as string[]));
	const covered = groups.filter((g) => g.sockets.some((s) => ids.has(s.id)));
	const whole = covered.every((g) => g.sockets.every((s) => ids.has(s.id)));
	const sockets = covered.flatMap((g) => g.sockets);
	if (mounts.length === 0 || !whole || sockets.length < ids.size) return [];
	const check = checkOf(product, sockets, { configuration, shop });
	const along = (product.with ?? []).map((id) => shop.accessories.find((a) => a.id === id));
	const complete = along.every((a): a is Accessory => a !== undefined);
	const option: AssemblyOption = {
		product,
		groups: covered,
		pieces: mounts.length,
		verdict: check ? 'unknown' : along.length > 0 ? 'parts' : 'fits',
		check,
		along: complete ? along : null,
		amounts: addAmounts(NO_AMOUNTS, assemblyAmounts(product), mounts.length)
	};
	return [option];
}

/** Assemblies that go on a vehicle in place of lamps of the scope. */
export function assembliesOf(
	{ configuration, catalogue, shop }: { configuration: Configuration; catalogue: Catalogue; shop: Shop },
	groups: readonly Group[]
): AssemblyOption[] {
	return catalogue.assemblies.flatMap(({ record }) => optionFor(record, { configuration, shop }, groups));
}
