import type { DeratedFlux } from '../../../optics';
import { isOwnFilament } from '../../cases';
import { finding, type FindingCode, type Level } from '../../findings/finding';
import { CATEGORY_TABLE, MAKER, type FindingSource } from '../../findings/source';
import type { Rule } from '../rule';

/** Shares of the filament lamp's light behind the lens: below `lost` refuse, below `enough` or above `glare` only a comparison can tell. Assumptions. */
export const LIGHT_SHARE = { lost: 0.4, enough: 0.7, glare: 3 } as const;

const SOURCES: Record<DeratedFlux['basis'], FindingSource> = {
	measured: { kind: 'measured' },
	nominal: CATEGORY_TABLE,
	claimed: { kind: 'maker', claim: 'claimed' },
	capped: { kind: 'maker', claim: 'capped' },
	'claimed, power unknown': { kind: 'maker', claim: 'claimed' }
};

function judge(ratio: number): [Level, Extract<FindingCode, `colour.light.${string}`>] {
	if (ratio < LIGHT_SHARE.lost) return ['refuse', 'colour.light.lost'];
	if (ratio < LIGHT_SHARE.enough) return ['unknown', 'colour.light.doubtful'];
	return ratio > LIGHT_SHARE.glare ? ['unknown', 'colour.light.glare'] : ['pass', 'colour.light.enough'];
}

/** Luminous flux that survives the lens, relative to the filament lamp behind the same lens. Total flux, not where it goes. */
export const survivingLightRule: Rule = ({ lens, stockLumens, outside, through, category }, product) => {
	const { light, flux } = product;
	if (isOwnFilament(category, product) && product.record.flux?.measured == null) return null; // it is the light the lens was made for
	if (!light || !lens) return null; // the boundary rule says so already
	if (!flux)
		return outside ? finding('colour.light.unknown', { whose: 'lamp' }, { level: 'unknown', source: MAKER }) : null;
	const source = SOURCES[flux.basis];
	if (flux.lumens <= 0) return finding('colour.light.dead', null, { level: 'refuse', source });
	const lumens = flux.lumens * through(light, lens).transmittance;
	if (!outside) return finding('colour.light.inside', { lumens }, { level: 'pass', source });
	if (stockLumens === null)
		return finding('colour.light.unknown', { whose: 'filament lamp' }, { level: 'unknown', source: CATEGORY_TABLE });
	const ratio = lumens / stockLumens;
	const [level, code] = judge(ratio);
	const { enough, glare } = LIGHT_SHARE;
	const data = { lumens, stock: stockLumens, ratio, basis: flux.basis, enough, glare };
	return finding(code as 'colour.light.enough', data, { level, source });
};
