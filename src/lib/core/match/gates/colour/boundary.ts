import { contactOf, lampFunction, type RuleFamily, type SignalColour } from '../../../lamps';
import { isInside, regionOf, type Source } from '../../../optics';
import { isOwnFilament, type ProductCase, type SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** What leaves the lens, source spectrum times lens, against the boundary each function asks for in the market. */
export const boundaryRule: Rule = (socket, product) => {
	const bound = socket.socket.functions.filter((id) => lampFunction(id).colours);
	return bound.map((id) => judge(socket, product, id));
};

/** A light that is not red itself is red only while the lens is deep red: what it would be behind a worn one, if that is not red. */
function leansOnLens(
	s: SocketCase,
	light: Source,
	{ allowed, family }: { allowed: readonly SignalColour[]; family: RuleFamily }
) {
	if (s.socket.lens !== 'red' || light.kind === 'halogen' || light.kind === 'led-red') return null;
	const worn = s.through(light, 'red-faded');
	return allowed.some((colour) => isInside(worn, colour, family))
		? null
		: { region: regionOf(worn, family), x: worn.x, y: worn.y };
}

/** Red in place of amber, or amber in place of red: some markets allow both, and hardly anybody wants the other one. */
const isRedForAmber = (before: string | null, after: string) =>
	(before === 'amber' && after === 'red') || (before === 'red' && after === 'amber');

function judge(s: SocketCase, p: ProductCase, id: (typeof s.socket.functions)[number]): Finding {
	const { family, lens, socket, configuration } = s;
	const light = contactOf(s.category, socket.functions, id) === 'minor' ? p.minorLight : p.light;
	if ((!lens || !family) && isOwnFilament(s.category, p))
		return finding('colour.own-filament', null, { level: 'pass', source: { kind: 'usual-practice' } });
	if (!family)
		return finding(
			'colour.no-rules',
			{ market: configuration.market },
			{ level: 'unknown', source: { kind: 'colour-rules', family: null } }
		);
	if (!lens) return finding('colour.lens-unknown', null, { level: 'unknown', source: s.source('lens') });
	if (!light) return finding('colour.source-unknown', null, { level: 'unknown', source: MAKER });
	const { colours } = lampFunction(id);
	const allowed: readonly SignalColour[] = colours?.({ family, zone: socket.zone, kind: configuration.kind }) ?? [];
	const seen = s.through(light, lens);
	const inside = allowed.some((colour) => isInside(seen, colour, family));
	const data = { function: id, region: regionOf(seen, family), x: seen.x, y: seen.y, allowed };
	const by = { source: { kind: 'colour-rules', family } as const };
	if (!inside) return finding('colour.outside', data, { ...by, level: 'refuse' });
	if (isRedForAmber(s.stockRegion, data.region))
		return finding('colour.changed', { ...data, before: s.stockRegion ?? '' }, { ...by, level: 'unknown' });
	const worn = leansOnLens(s, light, { allowed, family });
	return worn
		? finding('colour.leans-on-lens', worn, { level: 'unknown', source: { kind: 'spectral-model', of: 'worn-lens' } })
		: finding('colour.inside', data, { ...by, level: 'pass' });
}
