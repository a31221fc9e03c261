import { accessProblems } from '../access';
import { findCategory } from '../lamps';
import type { Problem } from '../result';
import type { Accessory, Configuration, Product, RotaluxDocument } from '../model';

/** Every id may stand once in its list. */
function duplicates(path: string, items: readonly { id: string }[]): Problem[] {
	const first = new Map<string, number>();
	const problems: Problem[] = [];
	items.forEach(({ id }, index) => {
		const earlier = first.get(id);
		if (earlier === undefined) first.set(id, index);
		else problems.push({ path: `${path}[${index}].id`, message: `"${id}" is already used by ${path}[${earlier}]` });
	});
	return problems;
}

/** Every stock-keeping unit may stand once, among products and accessories together. */
function skuProblems(document: RotaluxDocument): Problem[] {
	const first = new Map<string, string>();
	return (['products', 'accessories'] as const).flatMap((list) =>
		document[list].flatMap((item, i) =>
			item.packs.flatMap((pack, p): Problem[] => {
				const path = `${list}[${i}].packs[${p}].sku`;
				const earlier = first.get(pack.sku);
				if (earlier === undefined) first.set(pack.sku, path);
				return earlier === undefined ? [] : [{ path, message: `"${pack.sku}" is already used by ${earlier}` }];
			})
		)
	);
}

/** A socket may belong to a place of a unit that the document holds. */
function unitProblems({ units, configurations }: RotaluxDocument): Problem[] {
	const places = new Set(units.flatMap((unit) => unit.sockets.map(({ place }) => `${unit.id}\n${place}`)));
	return configurations.flatMap((configuration, c) =>
		configuration.sockets.flatMap(({ unit }, s): Problem[] =>
			!unit || places.has(`${unit.id}\n${unit.place}`)
				? []
				: [
						{
							path: `configurations[${c}].sockets[${s}].unit`,
							message: `"${unit.place}" of "${unit.id}" is not among the units of the file`
						}
					]
		)
	);
}

function categoryProblem(path: string, name: string): Problem[] {
	const found = findCategory(name);
	if (found.kind === 'found') return [];
	if (found.kind === 'unknown') return [{ path, message: `"${name}" is not a known lamp category` }];
	const options = found.options.map((option) => option.category).join(' or ');
	return [{ path, message: `"${name}" is used for several lamp categories; say ${options}` }];
}

/** What is wrong inside one configuration that the schema alone cannot see. */
export function configurationProblems(configuration: Configuration, path: string): Problem[] {
	const at = (rest: string) => (path ? `${path}.${rest}` : rest);
	const sockets = new Set<string>(configuration.sockets.map((socket) => socket.id));
	const problems = [
		...duplicates(at(`sockets`), configuration.sockets),
		...duplicates(at(`channels`), configuration.channels)
	];
	const [from, to] = configuration.years ?? [0, 0];
	if (from > to) problems.push({ path: at(`years`), message: `runs backwards: ${from} to ${to}` });
	configuration.sockets.forEach((socket, index) => {
		if (socket.category !== undefined)
			problems.push(...categoryProblem(at(`sockets[${index}].category`), socket.category));
	});
	configuration.channels.forEach((channel, c) =>
		channel.feeds.forEach((feed, f) => {
			if (!sockets.has(feed.socket))
				problems.push({
					path: at(`channels[${c}].feeds[${f}].socket`),
					message: `"${feed.socket}" is not a socket of ${configuration.id}`
				});
		})
	);
	return problems;
}

/**
 * What is wrong with the recorded ways in of a document. Such a file is read all the same, and what can be reached is planned; it is not taken
 * into the shop.
 */
export const accessProblemsIn = ({ configurations }: RotaluxDocument): Problem[] =>
	configurations.flatMap((configuration, c) => accessProblems(configuration, `configurations[${c}]`));

const under = (path: string, rest: string) => (path ? `${path}.${rest}` : rest);

/** What is wrong inside one product that the schema alone cannot see. */
export function productProblems(product: Product, path: string): Problem[] {
	return [
		...product.fits.flatMap((name, f) => categoryProblem(under(path, `fits[${f}]`), name)),
		...packProblems(product.packs, path)
	];
}

/** What is wrong inside one accessory that the schema alone cannot see. */
export function accessoryProblems({ packs }: Accessory, path: string): Problem[] {
	return packProblems(packs, path);
}

/** A pack is named once in the thing it belongs to; the document as a whole is looked at apart. */
function packProblems(packs: Product['packs'], path: string): Problem[] {
	return packs.flatMap(({ sku }, p) =>
		packs.findIndex((other) => other.sku === sku) === p
			? []
			: [{ path: under(path, `packs[${p}].sku`), message: `"${sku}" stands twice` }]
	);
}

/**
 * What the schema alone cannot see: ids used twice, lamp categories nobody knows, years that run backwards,
 * channels that feed sockets that are not there. An empty list means the document holds together.
 */
export function crossCheck(document: RotaluxDocument): Problem[] {
	return [
		...duplicates('units', document.units),
		...unitProblems(document),
		...document.units.flatMap((unit, u) =>
			unit.sockets.flatMap(({ category }, s) =>
				category === undefined ? [] : categoryProblem(`units[${u}].sockets[${s}].category`, category)
			)
		),
		...duplicates('configurations', document.configurations),
		...duplicates('products', document.products),
		...duplicates('accessories', document.accessories),
		...duplicates('kits', document.kits),
		...duplicates('fittings', document.fittings),
		...skuProblems(document),
		...document.configurations.flatMap((c, i) => configurationProblems(c, `configurations[${i}]`)),
		...document.products.flatMap((product, p) =>
			product.fits.flatMap((name, f) => categoryProblem(`products[${p}].fits[${f}]`, name))
		)
	];
}
