import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../../tests/support/demo';
import { generateFleet, generateOffer, PARTS } from '../../../../../tests/support/fleet';
import { shopOf } from '../../exchange';
import type { Configuration } from '../../model';
import { assumedForPlaces, compileCatalogue, relatedCategories, socketCase, type Shop } from '..';
import { RULES, type RuleId } from '../rules';
import { productOf } from './product-facts';
import { placeOf, placeView, productView, RULE_IDS } from './view';

/** Lets nothing be read that is not there: what a rule reads without naming it throws. */
function strict<T extends object>(value: T, path: string): T {
	return new Proxy(value, {
		get(target, key) {
			if (typeof key === 'symbol' || key === 'toJSON') return Reflect.get(target, key) as unknown;
			if (!Object.hasOwn(target, key)) throw new Error(`${path} reads ${key}, which it does not name`);
			const held: unknown = Reflect.get(target, key);
			return key === 'socket' || key === 'configuration' || key === 'product' || key === 'record'
				? strict(held as object, `${path} ${key}`)
				: held;
		}
	});
}

const levels = (found: ReturnType<(typeof RULES)[RuleId]['judge']>) =>
	(found === null ? [] : Array.isArray(found) ? found : [found]).map(({ code, level }) => `${code} ${level}`);

const demo = demoDocument();
const fleet = {
	configurations: generateFleet(160).filter((_, i) => i % 8 === 0),
	products: generateOffer(900).filter((_, i) => i % 3 === 0),
	shop: { policy: { headlamps: 'projectors' }, accessories: PARTS, currency: 'EUR' } as Shop
};

/** Every rule on every pair, whole and by what it names. */
function compare(configurations: readonly Configuration[], products: typeof demo.products, shop: Shop): number {
	const catalogue = compileCatalogue(products);
	const by = { shop, assumed: assumedForPlaces(shop.assumptions), through: catalogue.through };
	let compared = 0;
	for (const configuration of configurations)
		for (const [i, socket] of configuration.sockets.entries()) {
			const place = socketCase(configuration, socket, by);
			if (!place) continue;
			const near = relatedCategories(place.category).flatMap((name) => catalogue.byCategory.get(name) ?? []);
			for (const product of near.filter((_, p) => p % 19 === i % 19))
				for (const id of RULE_IDS) {
					const { judge } = RULES[id];
					const seen = strict(placeOf(placeView(id, place), by), id);
					const whole = levels(judge(place, product));
					// How it looks beside another white is for words and ranking.
					if (id !== 'colour/neighbours')
						expect(levels(judge(seen, strict(productOf(productView(id, product)), id)))).toEqual(whole);
					else expect(whole.every((text) => text.endsWith('pass'))).toBe(true);
					compared++;
				}
		}
	return compared;
}

describe('every rule reads what it names and nothing else', () => {
	it('in the demo', () => {
		expect(compare(demo.configurations, demo.products, shopOf(demo))).toBeGreaterThan(10_000);
	});

	it('in a made-up fleet', () => {
		expect(compare(fleet.configurations, fleet.products, fleet.shop)).toBeGreaterThan(10_000);
	});
});
