import { it } from 'vitest';
import { demoDocument } from '/work/main/src/lib/server/demo/load';
import { shopOf, kitOrder } from '/work/main/src/lib/core/exchange';
import { compileCatalogue } from '/work/main/src/lib/core/match';
import { assembleKit, checkKit, prepareKit, kitProgram, independentParts } from '/work/main/src/lib/core/kit';
import { highsSolver } from '/work/main/src/lib/server/solver/highs';
it('demo', async () => {
	const demo = demoDocument();
	const shop = shopOf(demo); const catalogue = compileCatalogue(demo.products, demo.complaints);
	for (const configuration of demo.configurations) for (const balance of ['price','light','ease'] as const) {
		const order = kitOrder.parse({ balance });
		const kitCase = { configuration, catalogue, shop };
		const t0 = performance.now();
		const p = prepareKit(kitCase, order); const k = kitProgram(p.input);
		const t1 = performance.now();
		const a = await assembleKit(kitCase, order, highsSolver);
		const t2 = performance.now();
		if (!a.ok) { console.log(configuration.id, a.error.words); continue; }
		console.log(configuration.id, balance, 'prep', (t1-t0).toFixed(0), 'all', (t2-t1).toFixed(0), k.program.variables.length, k.program.constraints.length, independentParts(k.program).map(x=>x.variables.length).slice(0,6).join(), a.value.total, 'gap', a.value.gap, 'open', a.value.open.length, a.value.mismatches.length, a.value.complaints);
		const wrong = checkKit({ answer: a.value, order, ...kitCase });
		if (wrong.length) console.log('   WRONG', wrong);
	}
}, 300000);
