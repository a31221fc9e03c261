import { describe, expect, it } from 'vitest';
import { solver } from '../../../../tests/support/solver';
import { accessGraph, accessProblems, doable } from '../access';
import { readDocument } from '../exchange';
import { simulateModes, vehicleCircuit } from '../circuit';
import { categoryOrNull } from '../lamps';
import { assembleKit } from '../kit';
import { kitOrder, type Socket } from '../model';
import { compileCatalogue, matchConfiguration } from '../match';
import { isRealName, make, practiceFiles, type Made } from './index';

const SEEDS = 1000;
/** Every so many seeds the whole vehicle is matched. */
const MATCHED_EVERY = 25;
const seeds = Array.from({ length: SEEDS }, (_, i) => i + 1);
const made = seeds.map((seed) => make(seed));

/** What the shop of the practice keeps to. */
const SHOP = { policy: { headlamps: 'projectors' }, currency: 'EUR' } as const;
const matched = ({ truth, products, accessories }: Made, as = truth) =>
	matchConfiguration(as, compileCatalogue(products), { ...SHOP, accessories });

describe('a thousand made vehicles', () => {
	it('are valid, each with its papers, as files of the format', () => {
		for (const one of made) {
			const { truth, documents } = practiceFiles(one);
			for (const file of [truth, ...documents]) {
				const read = readDocument(file);
				expect(read.ok, `seed ${one.seed}`).toBe(true);
				if (read.ok) expect(read.value.configurations[0]?.sockets.length, `seed ${one.seed}`).toBeGreaterThan(1);
			}
		}
	});

	it('have names nobody has, and lamps that stand in the table', () => {
		const names = made.flatMap(({ truth, products }) => [
			truth.make,
			truth.model,
			...products.map(({ maker }) => maker)
		]);
		expect(names.filter((name) => isRealName(name))).toEqual([]);
		const categories = new Set(made.flatMap(({ truth }) => truth.sockets.map(({ category }) => category)));
		expect([...categories].filter((category) => categoryOrNull(category) === null)).toEqual([]);
		expect(isRealName('Brandal')).toBe(false);
	});

	it('are misled about by their papers in a third at least, in facts that are not so', () => {
		const misled = made.filter(({ papers }) => papers.some(({ misleads }) => misleads.length > 0));
		expect(misled.length).toBeGreaterThan(SEEDS / 3);
		for (const { seed, truth, papers } of misled)
			for (const { says, misleads } of papers)
				for (const { sockets, fact } of misleads) {
					expect(sockets.length, `seed ${seed}`).toBeGreaterThan(0);
					for (const id of sockets) {
						const [told, is] = [says, truth].map((v) => v.sockets.find((socket) => socket.id === id));
						if (fact === 'sockets') expect(told, `seed ${seed} ${id}`).toBeUndefined();
						else expect(told?.[fact], `seed ${seed} ${id}`).not.toBe(is?.[fact]);
					}
				}
	});

	it('grow harder by the level: more errors, less room', () => {
		const errors = (level: 1 | 5) =>
			seeds.slice(0, 100).reduce((sum, seed) => {
				const { papers } = make(seed, { level });
				return sum + papers.reduce((all, { misleads }) => all + misleads.length, 0);
			}, 0);
		expect(errors(5)).toBeGreaterThan(3 * errors(1));
	});

	it('one seed is one vehicle, down to the last byte', () => {
		for (const seed of [1, 77, 4242]) expect(JSON.stringify(make(seed))).toBe(JSON.stringify(make(seed)));
		expect(JSON.stringify(make(1))).not.toBe(JSON.stringify(make(2)));
	});

	it('have filament lamps that no output complains of and every flasher is content with', () => {
		for (const { truth, seed } of made.filter((_, i) => i % MATCHED_EVERY === 0)) {
			for (const [mode, { channels }] of Object.entries(simulateModes(vehicleCircuit(truth)))) {
				const odd = channels.filter(({ monitor }) => monitor === 'complains' || monitor === 'unknown');
				expect(
					odd.map(({ id }) => id),
					`seed ${seed}, ${mode}`
				).toEqual([]);
			}
		}
	});
});

describe('the truth of a made vehicle', () => {
	const looked = made.filter((_, i) => i % MATCHED_EVERY === 0).map((one) => ({ ...one, answers: matched(one) }));

	it('is solved by the rules: every socket has a lamp that fits, alone or with parts', () => {
		for (const { seed, answers } of looked)
			for (const { socket, candidates } of answers)
				expect(['fits', 'parts'], `seed ${seed}, ${socket.id} ${socket.category}`).toContain(candidates[0]?.verdict);
	});

	const isSeen = ({ zone }: Socket) => zone !== 'cabin' && zone !== 'luggage';
	it('lets no lamp with a flaw pass where it is seen from outside', () => {
		for (const { seed, answers } of looked)
			for (const { socket, candidates } of answers)
				for (const { product, verdict } of candidates)
					if (isSeen(socket) && product.id.includes('-') && product.fits.includes(socket.category ?? ''))
						expect(verdict, `seed ${seed}, ${socket.id}: ${product.id}`).not.toBe('fits');
	});
});

describe('what a made vehicle needs', () => {
	it('is a way to every lamp, which holds together', () => {
		for (const { truth, seed } of made.filter((_, i) => i % 10 === 0)) {
			expect(accessProblems(truth), `seed ${seed}`).toEqual([]);
			const graph = accessGraph(truth);
			const done = doable(graph);
			const reached = new Set([...done].flatMap((id) => graph.operations.get(id)?.reaches ?? []));
			expect(
				truth.sockets.map(({ id }) => id as string).filter((id) => !reached.has(id)),
				`seed ${seed}`
			).toEqual([]);
		}
	});

	it('is on its shelf: the kit of a car leaves out only what no LED may stand in', async () => {
		for (const seed of [3, 14, 159, 265]) {
			const { truth, products, accessories } = make(seed, { kind: 'car' });
			const kit = await assembleKit(
				{ configuration: truth, catalogue: compileCatalogue(products), shop: { ...SHOP, accessories } },
				kitOrder.parse({}),
				{ solver }
			);
			if (!kit.ok) throw new Error(`seed ${seed}: no kit`);
			for (const { socket, why } of kit.value.open)
				expect(why, `seed ${seed} ${socket}`).toContain('a halogen lamp fits');
			expect(kit.value.complaints).toEqual([]);
		}
	});
});
