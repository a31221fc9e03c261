import { heatLevel, steadySpan, type CapState, type HeatSpan } from '../../../heat';
import type { Need } from '../../../accessories';
import type { Product } from '../../../model';
import {
	factsHere,
	heatBandOf,
	limitOf,
	measuredResistance,
	measuredRises,
	type ProductCase,
	type SocketCase
} from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

const BY_ESTIMATE = { source: { kind: 'heat-estimate' } } as const;
/** A lamp of the stock rating draws up to a fifth more at 13.5 V than the rating says. */
const MOST_OVER_RATING = 1.25;

function filament({ category }: SocketCase, { product, categories }: ProductCase): Finding {
	const own = product.power?.at13v5 ?? categories[0]?.watts;
	const stock = category.watts;
	if (own === undefined || stock === undefined) {
		const same = categories.some((c) => c.category === category.category);
		return finding('heat.filament-kind', null, { level: same ? 'pass' : 'unknown', source: MAKER });
	}
	return own <= stock * MOST_OVER_RATING
		? finding('heat.filament', { watts: own, stock }, { level: 'pass', source: MAKER })
		: finding('heat.filament-hot', { watts: own, stock }, { level: 'refuse', source: MAKER });
}

/** True when somebody measured the power, or a document gives it: a claim alone refuses nothing. */
function powerIsSure({ evidence = [] }: Product): boolean {
	return evidence.some(
		(e) => !e.overruled && e.fact.startsWith('power') && (e.source === 'in-hand' || e.source === 'manual')
	);
}

/** Caps that let heat out, the one that changes least first, and the part each is. */
const CAPS: readonly { cap: CapState; need: Need }[] = [
	{ cap: 'extended', need: { kind: 'cap', extraDepth: 0 } },
	{ cap: 'ported', need: { kind: 'cap', extraDepth: 0, port: 1 } }
];

/** The cap in the box of a lamp, as far as heat goes; null when none comes along. */
function capInBox({ includes = [] }: Product): CapState | null {
	const cap = includes.find(({ kind }) => kind === 'cap');
	return cap ? (cap.port ? 'ported' : 'extended') : null;
}

/**
 * Body temperature after a long time lit, in the mode that heats most, against the limit of the lamp. An estimate is a range: it passes when
 * its hot end stays under, refuses when even its cool end is over and somebody measured the power, and is not known between. A cap that lets
 * more heat out is a remedy; what was measured or proved in use on this vehicle goes before it all.
 */
export const steadyHeatRule: Rule = (s, p) => {
	if (p.lamp === 'filament') return filament(s, p);
	const proved = fromTheField(s, p);
	if (proved) return proved;
	const { product } = p;
	const inBox = s.heat.cap > 1 ? capInBox(product) : null;
	const band = heatBandOf(s, product, inBox ?? undefined);
	if (!band) return finding('heat.unknown', null, { level: 'unknown', source: MAKER });
	const span = steadySpan(band);
	const { limit, named } = limitOf(s, product);
	const { ambient, watts, duty, resistance, cap } = band.middle;
	const data = { span, limit, named, ambient, watts, duty, resistance, cap };
	const level = heatLevel(span, limit);
	if (level === 'pass') return finding('heat.cool', data, { ...BY_ESTIMATE, level });
	const open = (state: CapState): HeatSpan => steadySpan(heatBandOf(s, product, state) ?? band);
	if (s.heat.cap > 1)
		for (const { cap: state, need } of CAPS) {
			const withCap = open(state);
			if (withCap.high < span.high && heatLevel(withCap, limit) === 'pass')
				return finding('heat.cap', { ...data, withCap, state }, { level: 'needs', ...BY_ESTIMATE, need });
		}
	const least = s.heat.cap > 1 ? Math.min(span.low, open('ported').low) : span.low;
	if (level === 'refuse' && least > limit && powerIsSure(product) && named)
		return finding('heat.hot', data, { ...BY_ESTIMATE, level });
	return finding(level === 'refuse' ? 'heat.claimed-hot' : 'heat.near', data, { ...BY_ESTIMATE, level: 'unknown' });
};

/** A temperature taken on this vehicle, or a lamp that was fitted there and followed up without complaint. */
function fromTheField(s: SocketCase, p: ProductCase): Finding | null {
	const { assumed, heat } = s;
	const { limit } = limitOf({ assumed }, p.product);
	const rises = measuredRises(s, p);
	if (rises.length > 0) {
		const rise = Math.max(...rises.map((one) => one.rise));
		// On a hot day the body is as much hotter as the air is.
		const body = Math.max(...rises.map((one) => one.ambient + one.rise + Math.max(0, heat.ambient.high - one.ambient)));
		const data = { body, limit, readings: rises.length, resistance: measuredResistance(p, rise) };
		return finding(body <= limit ? 'heat.measured' : 'heat.measured-hot', data, {
			level: body <= limit ? 'pass' : 'refuse',
			source: { kind: 'measured' }
		});
	}
	const months = Math.max(0, ...factsHere(p.field, s, 'follow-up').map((fact) => fact.months));
	return months >= PROVED_AFTER_MONTHS
		? finding('heat.proved', { months }, { level: 'pass', source: { kind: 'follow-up' } })
		: null;
}

/** A lamp that was fitted this long without complaint has seen its heat, months. */
const PROVED_AFTER_MONTHS = 6;
