import { backup } from './backup';
import { crash } from './crash';
import { doors } from './doors';
import { fuzz } from './fuzz';
import { powerCut } from './power-cut';
import { server } from './server';
import { soak } from './soak';
import { cleanUp } from './support';
import { together } from './together';

/** Every kind of torture, with how much of it fits into five minutes together. A new one is an entry here. */
const KINDS = {
	crash: { work: crash, effort: 6 },
	'power cut': { work: powerCut, effort: 8 },
	server: { work: server, effort: 4 },
	together: { work: together, effort: 10 },
	fuzz: { work: fuzz, effort: 6 },
	doors: { work: doors, effort: 1 },
	backup: { work: backup, effort: 3 },
	soak: { work: soak, effort: 6 }
} as const;

const only = process.argv[2];
let failed = 0;
for (const [name, { work, effort }] of Object.entries(KINDS)) {
	if (only !== undefined && only !== name) continue;
	const began = performance.now();
	const { tried, wrong } = await work(effort);
	failed += wrong.length;
	const seconds = ((performance.now() - began) / 1000).toFixed(0);
	console.log(
		`${name}, ${seconds} s: ${tried}. ${wrong.length === 0 ? 'Everything held.' : `${wrong.length} did not hold:`}`
	);
	for (const words of wrong.slice(0, 20)) console.log(`  ${words}`);
}
cleanUp();
process.exitCode = failed === 0 ? 0 : 1;
