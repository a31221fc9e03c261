import { simulate, simulateModes, vehicleCircuit, type FittedLamp } from '../src/lib/core/circuit';
import { shopOf } from '../src/lib/core/exchange';
import { bestSet, remedyTable } from '../src/lib/core/remedy';
import { bestUnder, compileCatalogue, matchConfiguration, NO_PREFERENCES } from '../src/lib/core/match';
import { demoDocument } from '../src/lib/server/demo/document';
import { highsSolver } from '../src/lib/server/solver/highs';
import { median, ms } from './measure';

/** Circuit: all modes of a vehicle of about 40 sockets, one change of a switch, and the remedies of the whole vehicle. */
export async function circuits(): Promise<void> {
	const demo = demoDocument();
	const shop = shopOf(demo);
	const catalogue = compileCatalogue(demo.products);
	const vehicle = demo.configurations.find((c) => c.id === 'fenholm-sound-2015');
	if (!vehicle) throw new Error('The demo has no fenholm-sound-2015.');
	const best = bestUnder(matchConfiguration(vehicle, catalogue, shop), NO_PREFERENCES);
	const lamps = new Map([...best].map(([socket, product]) => [socket, { kind: 'product', product } as FittedLamp]));
	const fresh = () => vehicleCircuit(vehicle, { lamps, parts: [], faults: [] });
	const modes = await median(() => simulateModes(fresh()));
	const warm = fresh();
	const one = await median(() => simulate(warm, ['low', 'left']));
	console.log(
		`circuit, ${vehicle.sockets.length} sockets: all modes ${ms(modes)} (aim: under 20 ms), one mode ${ms(one)}, all / one = ${(modes / one).toFixed(1)}`
	);
	const given = { circuit: warm, shop, loaded: () => [] };
	const table = await median(() => remedyTable(given));
	const known = remedyTable(given);
	let gap = NaN;
	const set = await median(async () => {
		gap = (await bestSet(given, known, { solver: highsSolver })).gap;
	});
	console.log(
		`remedies: ${known.complaints.length} complaints, ${known.remedies.length} remedies judged in ${ms(table)}, best set in ${ms(set)}, gap ${gap} (aim: under 300 ms, gap 0)`
	);
}
