import type { Words } from './words';

interface Heat {
	temperature: number;
	limit: number;
	ambient: number;
	watts: number;
	duty: number;
	resistance: number;
	cap: number;
	/** What an estimate passes with, K. */
	spare: number;
}
const sum = (d: Heat) =>
	`${Math.round(d.temperature)} C: ${d.ambient} C + ${d.watts} W x ${d.duty} x ${d.resistance} K/W x cap ${d.cap} (estimate)`;

/** Texts of the heat gate. */
export const heatWording = {
	'heat.cool': (d: Heat): Words => ({
		measured: sum(d),
		required: `at most ${d.limit} C, with ${d.spare} K to spare`,
		why: `${Math.round(d.limit - d.temperature)} K below the limit of the lamp.`
	}),
	'heat.near': (d: Heat): Words => ({
		measured: sum(d),
		required: `at most ${d.limit} C, with ${d.spare} K to spare`,
		why: 'Too near the limit for an estimate either way: measure the body after half an hour lit.'
	}),
	'heat.cap': (d: Heat & { withCap: number }): Words => ({
		measured: sum(d),
		required: `at most ${d.limit} C, with ${d.spare} K to spare`,
		why: `Under the stock cap it cooks itself; with an extended cap it is about ${Math.round(d.withCap)} C.`
	}),
	'heat.hot': (d: Heat): Words => ({
		measured: sum(d),
		required: `at most ${d.limit} C`,
		why: `${Math.round(d.temperature - d.limit)} K over the limit of the lamp: it dies of heat, and may mark the housing.`
	}),
	'heat.unknown': (d: { missing: 'power' | 'limit' }): Words => ({
		measured: `${d.missing === 'limit' ? 'temperature limit' : 'power'} not given`,
		required: 'power in W and the highest body temperature in C',
		why: 'Ask the maker, or measure the body after half an hour lit.'
	}),
	'heat.filament': (d: { watts: number; stock: number }): Words => ({
		measured: `${d.watts} W`,
		required: `at most the ${d.stock} W of the stock lamp`,
		why: 'The housing was made for this heat.'
	}),
	'heat.filament-hot': (d: { watts: number; stock: number }): Words => ({
		measured: `${d.watts} W`,
		required: `at most the ${d.stock} W of the stock lamp`,
		why: 'More heat than the housing was made for: lens, plug and wiring suffer.'
	})
};
