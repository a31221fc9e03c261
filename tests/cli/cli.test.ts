import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { runCommand } from '../../src/cli/run-command';
import { photograph, PLAIN_BEAM, PLAIN_CAMERA } from '../../src/lib/core/beam';
import { demoDocument } from '../../src/lib/server/demo/document';
import { pngOf } from '../../src/lib/server/pictures/read-picture';

const folder = mkdtempSync(join(tmpdir(), 'rotalux-cli-'));
const demo = join(folder, 'demo.json');

/** Runs the command line as a person would. */
function run(args: string[], input?: string) {
	const result = spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', ...args], {
		encoding: 'utf8',
		input,
		env: { ...process.env, ROTALUX_DATA: folder },
		maxBuffer: 1e9
	});
	return { ...result, json: () => JSON.parse(result.stdout) };
}

/** Runs a command in this process, for what does not hang on being a program of its own. */
async function command(...args: string[]) {
	const result = await runCommand(args);
	return { ...result, json: () => JSON.parse(String(result.stdout)) };
}

function file(name: string, content: unknown): string {
	const path = join(folder, name);
	writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
	return path;
}

beforeAll(() => {
	expect(run(['load-demo']).status).toBe(0);
	writeFileSync(demo, run(['export']).stdout);
});

describe('check', () => {
	it('is content with the demo export', () => {
		expect(run(['check', demo]).json()).toEqual({ ok: true, problems: [] });
	});

	it('lists what is wrong, and leaves with 1', () => {
		const result = run(['check', '-'], JSON.stringify({ format: 'rotalux/1', products: [{ id: 'a' }] }));
		expect(result.status).toBe(1);
		expect(result.json().problems).toContainEqual({
			path: 'products[0].maker',
			message: 'is missing; text expected'
		});
	});
});

describe('aim, light and beam', () => {
	it('aim: the drop and the marks of a rule; an unknown rule is refused with the list of known ids', async () => {
		const found = await command(
			'aim',
			'--height',
			'650',
			'--distance',
			'10',
			'--rule',
			'un-r48-low-beam',
			'--spread',
			'1100'
		);
		expect(found.json()).toMatchObject({
			dropMin: 100,
			drop: 125,
			dropMax: 150,
			rises: 'right',
			marks: [
				{ lamp: 'left', x: -550, y: 525 },
				{ lamp: 'right', x: 550, y: 525 }
			]
		});
		const wrong = await command('aim', '--height', '650', '--distance', '10', '--rule', 'nearly');
		expect([wrong.status, wrong.stdout]).toEqual([2, '']);
		expect(wrong.stderr).toContain('un-r48-low-beam, un-r48-low-beam-alternative');
	});

	it('pictures travel with the document in one archive, and one that was changed is refused', () => {
		const zip = join(folder, 'shop.zip');
		const out = spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', 'export', '--as', 'zip'], {
			env: { ...process.env, ROTALUX_DATA: folder },
			maxBuffer: 1e9
		});
		writeFileSync(zip, out.stdout);
		const elsewhere = {
			env: { ...process.env, ROTALUX_DATA: mkdtempSync(join(tmpdir(), 'rotalux-zip-')) },
			encoding: 'utf8' as const
		};
		const into = (path: string) =>
			spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', 'import', path], elsewhere);
		expect(into(zip).status).toBe(0);
		const again = spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', 'export', '--as', 'zip'], {
			...elsewhere,
			encoding: 'buffer',
			maxBuffer: 1e9
		});
		const names = (bytes: Uint8Array) => Object.keys(unzipSync(new Uint8Array(bytes))).sort();
		expect(names(again.stdout)).toEqual(names(out.stdout));
		expect(names(out.stdout).length).toBeGreaterThan(5);
		const files = unzipSync(new Uint8Array(out.stdout));
		const [picture] = Object.keys(files).filter((name) => name.startsWith('pictures/'));
		files[picture!] = new Uint8Array([1, 2, 3]);
		writeFileSync(zip, zipSync(files, { level: 0 }));
		const wrong = into(zip);
		expect([wrong.status, wrong.stderr.includes('is not what its name says')]).toEqual([2, true]);
	});

	it('light: candela, ratio and how far one sees; a wall at no distance is refused', async () => {
		const found = await command(
			'light',
			'--before',
			'30',
			'--after',
			'12',
			'--distance',
			'5',
			'--distance-after',
			'10'
		);
		expect(found.json()).toMatchObject({
			before: { lux: 30, candela: 750 },
			after: { lux: 12, candela: 1200 },
			ratio: 1.6
		});
		const wrong = await command('light', '--before', '30', '--after', '12', '--distance', '0');
		expect([wrong.status, wrong.stderr.trim().split('\n').length]).toEqual([2, 1]);
	});

	it('beam: reads PNG and JPEG, by their bytes; what is none is one line', async () => {
		const picture = async (name: string, tilt: number) => {
			const camera = { ...PLAIN_CAMERA, width: 600, height: 400, seed: 1 + tilt };
			const image = sharp(await pngOf(photograph({ ...PLAIN_BEAM, tilt }, camera)));
			const path = join(folder, name);
			await (name.endsWith('.jpg') ? image.jpeg({ quality: 95 }) : image.png()).toFile(path);
			return path;
		};
		const [before, after] = [await picture('before.png', 0), await picture('after.jpg', 2)];
		const found = (await command('beam', before, after)).json();
		expect(found.change.tilt).toBeCloseTo(2, 0);
		expect(Object.keys(found.before)).toEqual(['cutoff', 'hotSpot', 'above', 'clipped']);
		expect(found.comparable).toBe(true);
		const marked = (await command('beam', before, after, '--marks', '0.2,0.2,0.8,0.2,0.8,0.8,0.2,0.8')).json();
		expect(marked.change.tilt).toBeCloseTo(2, 0);
		for (const args of [
			[before],
			[before, file('no.png', 'not a picture')],
			[before, after, '--marks', '1,2'],
			[before, after, '--marks', '0.8,0.2,0.2,0.2,0.8,0.8,0.2,0.8']
		]) {
			const wrong = await command('beam', ...args);
			expect([wrong.status, wrong.stdout, wrong.stderr.trim().split('\n').length]).toEqual([2, '', 1]);
		}
	});
});

describe('match', () => {
	it('gives every candidate a finding for every gate', () => {
		const { configurations } = run([
			'match',
			demo,
			'--configuration',
			'fenholm-skerry-ii-2017',
			'--socket',
			'stop-tail-L'
		]).json();
		const [{ socket, candidates }] = configurations[0].sockets;
		expect(socket).toBe('stop-tail-L');
		for (const { findings } of candidates)
			expect(new Set(findings.map((f: { gate: string }) => f.gate))).toEqual(
				new Set(['base', 'size', 'colour', 'electrics', 'heat', 'law'])
			);
		const verdict = (id: string) => candidates.find((c: { product: string }) => c.product === id)?.verdict;
		expect([verdict('GL-W215-RDC'), verdict('QU-W215-RD'), verdict('GL-W215-RDS')]).toEqual([
			'parts',
			'unknown',
			'refused'
		]);
	});
});

describe('colour', () => {
	it('says what leaves the lens', async () => {
		expect((await command('colour', '--source', 'halogen:2856', '--lens', 'red')).json()).toEqual({
			x: 0.6886,
			y: 0.3107,
			cct: null,
			transmittance: 0.198,
			region: 'red'
		});
		expect((await command('colour', '--source', 'led-white:6000')).json()).toMatchObject({
			region: 'white',
			transmittance: 1
		});
	});
});

describe('kit', () => {
	it('puts every socket in a line or in open, and proves the answer', () => {
		const answer = run(['kit', demo, '--configuration', 'fenholm-skerry-i-2012']).json();
		const lamps = answer.lines
			.filter((l: { product?: string }) => l.product)
			.flatMap((l: { sockets: string[] }) => l.sockets);
		const open = answer.open.map((o: { socket: string }) => o.socket);
		const { configurations } = JSON.parse(readFileSync(demo, 'utf8'));
		const all = configurations
			.find((c: { id: string }) => c.id === 'fenholm-skerry-i-2012')
			.sockets.map((s: { id: string }) => s.id);
		expect([...lamps, ...open].sort()).toEqual(all.sort());
		expect(answer.gap).toBe(0);
		expect(answer.total).toBe(answer.lines.reduce((sum: number, l: { price: number }) => sum + l.price, 0));
	});
});

describe('heat, clock and claims', () => {
	it('answer with every assumption', async () => {
		const hot = (
			await command(
				'heat',
				'--watts',
				'18',
				'--limit',
				'120',
				'--mount',
				'flange',
				'--cooling',
				'fan',
				'--minutes',
				'2'
			)
		).json();
		// From 60 + 18 x 1.2 x 1.6 = 95 C to 60 + 18 x 3 x 1.6 = 146 C: only a reading tells.
		expect(hot).toMatchObject({ level: 'unknown', secondsToLimit: null });
		expect(hot.temperature).toBeCloseTo(60 + 18 * 2 * 1.6, 6);
		expect([hot.lowest, hot.highest]).toEqual(
			[60 + 18 * 1.2 * 1.6, 60 + 18 * 3 * 1.6].map((t) => expect.closeTo(t, 6))
		);
		expect(hot.curve.map((point: { minute: number }) => point.minute)).toEqual([0, 1, 2]);
		expect(hot.assumptions.map((a: { name: string }) => a.name)).toContain('time constant');
		expect((await command('clock', '--key', '30', '--emitter', '90', '--collar', 'adjustable')).json()).toMatchObject({
			error: 30,
			turn: { degrees: 30, direction: 'anticlockwise' },
			level: 'needs'
		});
		const { products } = (await command('claims', demo)).json();
		expect(products).toHaveLength(demoDocument().products.length);
		expect(await command('claims', demo, '--product', 'nobody')).toMatchObject({ status: 2 });
		expect((await command('heat', '--watts', 'hot', '--limit', '1', '--mount', 'flange')).stderr).toBe(
			'--watts must be a number, is "hot".\n'
		);
	});
});

describe('import and export', () => {
	it('takes a spreadsheet in, or says which row is wrong and takes nothing', () => {
		const sheet = (lens: string, length: string) =>
			file('sheet.csv', `configuration,id,lens,frontLength\nfenholm-skerry-i-2012,dome,${lens},${length}\n`);
		const before = run(['export']).stdout;
		const wrong = run(['import', sheet('smoked', 'long')]);
		expect([wrong.status, wrong.stderr]).toEqual([2, expect.stringContaining('row 2, frontLength: must be a number')]);
		expect(run(['export']).stdout).toBe(before);
		expect(run(['import', sheet('smoked', '41')]).json()).toEqual({
			vehicles: ['fenholm-skerry-i-2012'],
			products: [],
			accessories: [],
			rows: 1,
			leftOut: 0
		});
		expect(run(['import', demo]).status).toBe(0);
		expect(run(['import', join(folder, 'nothing.csv')]).stderr).toContain('there is no such file');
	});

	it('bring back what was taken out', () => {
		const before = run(['export']).stdout;
		expect(run(['import', demo]).status).toBe(0);
		expect(run(['export']).stdout).toBe(before);
		expect(run(['export', '--as', 'csv']).stdout).toContain('configuration,id,zone,side');
	});
});

describe('circuit', () => {
	const circuit = (...more: string[]) => command('circuit', demo, '--configuration', 'fenholm-skerry-i-2012', ...more);

	it('says per mode what the dash would say', async () => {
		const stock = (await circuit('--mode', 'left-turn')).json().modes[0];
		expect(stock).toMatchObject({ mode: 'left-turn', flashPerMinute: { left: 85, right: null }, messages: [] });
		const both = ['--fit', 'turn-front-L=GL-PY21', '--fit', 'turn-rear-L=GL-PY21'];
		const led = (await circuit('--mode', 'left-turn', ...both)).json().modes[0];
		expect(led.flashPerMinute.left).toBe(170);
		const cured = (await circuit('--mode', 'left-turn', ...both, '--with', 'FL-3@vehicle')).json().modes[0];
		expect(cured.flashPerMinute.left).toBe(85);
		expect((await circuit()).json().modes).toHaveLength(14);
	});

	it.each([
		[['--fit', 'nowhere=GL-PY21'], 'there is no socket "nowhere"'],
		[['--fit', 'turn-front-L=NO'], 'there is no product "NO"'],
		[['--with', 'RS-6-50@moon'], 'neither a channel nor a socket'],
		[['--mode', 'disco'], '--mode must be one of'],
		[['--volts', '40'], 'volts']
	])('%s is refused in one line', async (args, sentence) => {
		const bad = await circuit(...args);
		expect([bad.status, bad.stdout]).toEqual([2, '']);
		expect(bad.stderr).toContain(sentence);
	});
});

describe('words as people type them', () => {
	it('read says what a walk-line says, and what it does not', async () => {
		const read = (await command('read', 'tag lamps 194 x 2 zonk')).json();
		expect(read).toMatchObject({ category: '194', count: 2, notUnderstood: ['zonk'] });
		expect(read.places.map((p: { side: string }) => p.side)).toEqual(['left', 'right']);
		expect(read.missing).toContain('lens colour');
	});

	it('ask answers as the counter does, from the database', () => {
		const { understood, vehicles } = run(['ask', "skerry 2012 driver's side brake light bulb"]).json();
		expect(understood).toMatchObject({ functions: ['stop'] });
		const skerry = vehicles.find((v: { id: string }) => v.id === 'fenholm-skerry-i-2012');
		expect(skerry.sockets.length).toBeGreaterThan(0);
		for (const socket of skerry.sockets) {
			expect(socket.side).toBe('left');
			expect(socket.functions).toContain('stop');
			expect(['fits', 'parts', 'unknown', 'refused', null]).toContain(socket.verdict);
		}
	});
});

describe('what to find out next', () => {
	const walked = {
		format: 'rotalux/1',
		configurations: [
			{
				id: 'walked',
				make: 'Made',
				model: 'Up',
				kind: 'car',
				market: 'UN',
				sockets: ['left', 'right'].map((side) => ({
					id: `plate-${side}`,
					zone: 'rear',
					side,
					index: 1,
					functions: ['licence-plate'],
					category: 'W5W',
					lens: 'clear'
				})),
				channels: []
			}
		],
		products: demoDocument().products
	};

	it('names the look that decides most sockets a minute, with its figures', async () => {
		const path = file('walked.json', walked);
		const { facts } = (await command('next', path, '--configuration', 'walked')).json();
		expect(facts[0]).toMatchObject({ what: 'looks.lampOutMessage', sockets: ['plate-left', 'plate-right'] });
		expect(facts[0].how).not.toBe('');
		const worth = facts.map((f: { sockets: string[]; minutes: number }) => f.sockets.length / f.minutes);
		expect(worth).toEqual([...worth].sort((a, b) => b - a));
	});

	it('a value that is not its own strongest source’s is a problem that check names', async () => {
		const [car] = walked.configurations;
		const evidence = [
			{ fact: 'lens', value: 'amber', source: 'in-hand', on: '2026-03-02' },
			{ fact: 'lens', value: 'clear', source: 'listing', on: '2026-03-03' }
		];
		const sockets = car!.sockets.map((socket) => ({ ...socket, evidence }));
		const result = await command('check', file('other.json', { ...walked, configurations: [{ ...car, sockets }] }));
		expect(result.json().problems[0]).toMatchObject({ path: 'configurations[0].sockets[0].lens' });
	});
});

describe('bad input: one line on standard error, exit 2, nothing on standard output', () => {
	it.each<[string, string[], string]>([
		['no command', [], 'No command is given'],
		['a command nobody knows', ['polish'], 'There is no command "polish"'],
		['no file', ['check'], 'No file is named'],
		['a file that is not there', ['match', 'nowhere.json'], 'nowhere.json cannot be read: there is no such file'],
		['a folder', ['match', 'tests'], 'tests cannot be read: it is a folder, name a file in it'],
		['a vehicle that is not there', ['match', demo, '--configuration', 'x'], 'No configuration "x" stands in the file'],
		['a socket that is not there', ['match', demo, '--socket', 'x'], 'No socket "x" stands in the file'],
		['which vehicle?', ['kit', demo], 'Say which vehicle'],
		[
			'a budget that no whole kit fits in',
			['kit', demo, '--configuration', 'brisken-fjell-650-2010', '--whole', '--budget', '1000'],
			'These cannot hold together: every socket that can be served is served; the budget of 10.00.'
		],
		[
			'a scope nobody knows',
			['kit', demo, '--configuration', 'fenholm-skerry-i-2012', '--scope', 'wings'],
			'--scope must be one of'
		],
		[
			'a budget that is no number',
			['kit', demo, '--configuration', 'fenholm-skerry-i-2012', '--budget', 'some'],
			'--budget must be a number'
		],
		['a source nobody knows', ['colour', '--source', 'candle:1800'], '--source must be halogen:K'],
		['a seed that is no number', ['practice', '--seed', 'x'], '--seed has to be a whole number'],
		['a kind nobody makes', ['practice', '--seed', '1', '--kind', 'boat'], '--kind must be one of'],
		['an option nobody knows', ['colour', '--lense', 'red'], "Unknown option '--lense'"],
		['a lens nobody knows', ['colour', '--source', 'halogen:2856', '--lens', 'pink'], '--lens must be one of']
	])('%s', async (_, args, expected) => {
		const result = await command(...args);
		expect(result.status).toBe(2);
		expect(result.stdout).toBe('');
		expect(result.stderr).toContain(expected);
	});

	it('is what the program itself says, too', () => {
		const result = run(['colour', '--source', 'candle:1800']);
		expect([result.status, result.stdout, result.stderr.trim().split('\n').length]).toEqual([2, '', 1]);
	});

	it('a broken file changes nothing', () => {
		const before = run(['export']).stdout;
		const broken = run(['import', file('broken.json', '{"format":"rotalux/1","products":[{"id":"x"}]}')]);
		expect([broken.status, broken.stderr.trim().split('\n').length]).toEqual([2, 1]);
		expect(run(['export']).stdout).toBe(before);
	});
});

describe('practice', () => {
	it('gives the same bytes for a seed; its files hold together, and the truth has a kit for every socket', async () => {
		const made = await command('practice', '--seed', '7', '--kind', 'car');
		expect((await command('practice', '--seed', '7', '--kind', 'car')).stdout).toBe(made.stdout);
		const { vehicle, documents, truth } = made.json();
		expect(vehicle).toMatchObject({ kind: 'car', make: truth.configurations[0].make });
		expect(vehicle.sockets).toBeUndefined();
		for (const one of [...documents, truth]) {
			const path = file('made.json', one);
			expect((await command('check', path)).json().problems).toEqual([]);
		}
		const kit = (await command('kit', file('truth.json', truth), '--configuration', vehicle.id)).json();
		const said = [...kit.lines, ...kit.open].flatMap(({ socket, sockets }) => sockets ?? [socket]);
		for (const { id } of truth.configurations[0].sockets) expect(said).toContain(id);
		expect(kit.lines.length).toBeGreaterThan(3);
	});
});

describe('cover', () => {
	it('counts as match does, names what serves nothing, and weighs by a file', async () => {
		const cover = (await command('cover', demo)).json();
		const { configurations } = (await command('match', demo)).json() as {
			configurations: {
				id: string;
				sockets: { socket: string; candidates: { product: string; verdict: string }[] }[];
			}[];
		};
		const serving = ({ verdict }: { verdict: string }) => verdict === 'fits' || verdict === 'parts';
		const sockets = configurations.flatMap((c) => c.sockets);
		expect(cover).toMatchObject({
			configurations: configurations.length,
			sockets: sockets.length,
			served: sockets.filter(({ candidates }) => candidates.some(serving)).length
		});
		const used = new Set(sockets.flatMap(({ candidates }) => candidates.filter(serving).map(({ product }) => product)));
		expect((cover.idle as string[]).filter((id) => used.has(id))).toEqual([]);
		const demand = file('demand.csv', 'make,count,plate\nFenholm,40,Q1\nNobody,3,Q2\n');
		const weighed = (await command('cover', demo, '--demand', demand)).json();
		expect(weighed.demand).toEqual({ rows: 2, problems: [{ row: 3, why: 'no vehicle on record is meant by it' }] });
		expect(weighed.weight).toBeGreaterThan(weighed.servedWeight);
	});

	it.each([
		['colour\nred\n', 'no column names a vehicle'],
		['make,count\nNobody,3\n', 'row 2: no vehicle on record']
	])('a file of demand that says nothing is refused in one line: %j', async (text, words) => {
		const { status, stderr } = await command('cover', demo, '--demand', file('wrong.csv', text));
		expect([status, stderr.split('\n').length]).toEqual([2, 2]);
		expect(stderr).toContain(words);
	});
});
