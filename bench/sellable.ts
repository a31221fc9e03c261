import { demoDocument } from '../tests/support/demo';
import { generateWalked } from '../tests/support/generate-walked';
import { randomFrom } from '../tests/support/random';
import { shopOf } from '../src/lib/core/exchange';
import { compileCatalogue, matchConfiguration, type Shop, type Catalogue } from '../src/lib/core/match';
import type { Configuration } from '../src/lib/core/model';

const RECORDS = 200;

/** Sockets with a filament lamp, those with an LED to sell, and what was sold that never may be. */
interface Counted {
	sockets: number;
	sellable: number;
	falseFits: number;
}

function count(
	configuration: Configuration,
	{ catalogue, shop }: { catalogue: Catalogue; shop: Shop },
	isTrap: (product: string, socket: string) => boolean = () => false
): Counted {
	const counted = { sockets: 0, sellable: 0, falseFits: 0 };
	for (const { socket, candidates } of matchConfiguration(configuration, catalogue, shop)) {
		if (socket.state !== 'filament') continue;
		const sold = candidates.filter(
			({ verdict, product }) => product.kind !== 'halogen' && (verdict === 'fits' || verdict === 'parts')
		);
		counted.sockets++;
		counted.sellable += sold.length > 0 ? 1 : 0;
		counted.falseFits += sold.filter(({ product }) => isTrap(product.id, socket.id)).length;
	}
	return counted;
}

const sum = (all: readonly Counted[]): Counted =>
	all.reduce((a, b) => ({
		sockets: a.sockets + b.sockets,
		sellable: a.sellable + b.sellable,
		falseFits: a.falseFits + b.falseFits
	}));

const share = ({ sellable, sockets }: Counted) =>
	`${sellable} of ${sockets} (${((100 * sellable) / sockets).toFixed(0)} %)`;

/** The share of sockets somebody can be sold an LED for: in the demo, and on records walked in a hurry before and after two looks. */
export function sellable(): void {
	const demo = demoDocument();
	const whole = { catalogue: compileCatalogue(demo.products, demo.complaints), shop: shopOf(demo) };
	console.log(`sellable sockets, demo: ${share(sum(demo.configurations.map((c) => count(c, whole))))}`);
	const random = randomFrom(20_261);
	const walked = Array.from({ length: RECORDS }, () => generateWalked(random));
	const counted = (which: 'configuration' | 'unlooked') =>
		sum(
			walked.map(({ [which]: configuration, products, isTrap, accessories }) =>
				count(
					configuration,
					{
						catalogue: compileCatalogue(products),
						shop: { policy: { headlamps: 'projectors' }, currency: 'EUR', accessories }
					},
					isTrap
				)
			)
		);
	const [before, after] = [counted('unlooked'), counted('configuration')];
	console.log(
		`sellable sockets, ${RECORDS} records of lamp, function and lens: ${share(before)}; after two looks ${share(after)}`
	);
	console.log(`false "Fits" among planted traps: ${before.falseFits + after.falseFits} (aim: 0)`);
}
