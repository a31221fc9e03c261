import type { CapState, HeatSpan } from '../../heat';
import type { Words } from './words';

interface Heat {
	/** Cool end, middle and hot end of the estimate, C. */
	span: HeatSpan;
	limit: number;
	/** False where the maker names no limit, and what every LED bears is taken. */
	named: boolean;
	ambient: number;
	watts: number;
	duty: number;
	resistance: number;
	cap: number;
}
const round = (value: number, digits = 0) => String(Math.round(value * 10 ** digits) / 10 ** digits);
const spanText = ({ low, high }: HeatSpan) => `${round(low)} to ${round(high)} C`;
const sum = (d: Heat) =>
	`${spanText(d.span)} (estimate); middle ${round(d.span.middle)} C: ${round(d.ambient)} C + ${round(d.watts, 2)} W x ${round(d.duty, 2)} x ${round(d.resistance, 1)} K/W x cap ${d.cap}`;
const asked = (d: Heat) => `at most ${d.limit} C${d.named ? '' : ', which every LED bears: its maker names no limit'}`;

/** Texts of the heat gate. */
export const heatWording = {
	'heat.cool': (d: Heat): Words => ({
		measured: sum(d),
		required: asked(d),
		why: `Even at its hottest ${round(d.limit - d.span.high)} K below the limit of the lamp.`
	}),
	'heat.near': (d: Heat): Words => ({
		measured: sum(d),
		required: asked(d),
		why: 'Too near the limit for an estimate either way: measure the body after half an hour lit.'
	}),
	'heat.cap': (d: Heat & { withCap: HeatSpan; state: CapState }): Words => ({
		measured: sum(d),
		required: asked(d),
		why: `Under the stock cap it may cook itself; with ${d.state === 'ported' ? 'a ported' : 'an extended'} cap it stays at ${spanText(d.withCap)}.`
	}),
	'heat.hot': (d: Heat): Words => ({
		measured: sum(d),
		required: asked(d),
		why: `Even at its coolest ${round(d.span.low - d.limit)} K over the limit of the lamp: it dies of heat, and may mark the housing.`
	}),
	'heat.claimed-hot': (d: Heat): Words => ({
		measured: sum(d),
		required: asked(d),
		why: 'With the power its maker claims it would cook; claims are often too high. Measure its current, then its body after half an hour lit.'
	}),
	'heat.measured': (d: Measured): Words => ({
		measured: measuredText(d),
		required: `at most ${d.limit} C`,
		why: 'Measured in this place, which goes before any estimate.'
	}),
	'heat.measured-hot': (d: Measured): Words => ({
		measured: measuredText(d),
		required: `at most ${d.limit} C`,
		why: 'Measured in this place, and too hot.'
	}),
	'heat.proved': (d: { months: number }): Words => ({
		measured: `fitted here for ${d.months} months without complaint`,
		required: 'a lamp that lives',
		why: 'It has seen its heat in this place, which goes before any estimate.'
	}),
	'heat.unknown': (): Words => ({
		measured: 'power not given',
		required: 'power in W, and the highest body temperature in C',
		why: 'Ask the maker, or measure the body after half an hour lit.'
	}),
	'heat.filament': (d: { watts: number; stock: number }): Words => ({
		measured: `${d.watts} W`,
		required: `at most the ${d.stock} W of the stock lamp`,
		why: 'The housing was made for this heat.'
	}),
	'heat.filament-kind': (): Words => ({
		measured: 'a filament lamp; its watts are not given',
		required: 'the watts of the stock lamp',
		why: 'A lamp of the category of the socket has the watts the housing was made for; of another one, read them from its base.'
	}),
	'heat.filament-hot': (d: { watts: number; stock: number }): Words => ({
		measured: `${d.watts} W`,
		required: `at most the ${d.stock} W of the stock lamp`,
		why: 'More heat than the housing was made for: lens, plug and wiring suffer.'
	})
};

interface Measured {
	body: number;
	limit: number;
	readings: number;
	/** K/W of this lamp in this place, its cap included; null where its power is not known. */
	resistance: number | null;
}

function measuredText({ body, readings, resistance }: Measured): string {
	const from = readings > 1 ? `${readings} readings` : 'a reading';
	const own = resistance === null ? '' : `, ${round(resistance, 1)} K/W measured`;
	return `${round(body)} C on a hot day, from ${from} on this vehicle${own}`;
}
