import { LIGHT_CENTRE_PASS_MM, lightCentreError } from '../../../fit';
import { isBeam, lightCentreOf } from '../../../lamps';
import { finding, type Level } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

const LEVEL: Record<ReturnType<typeof lightCentreError>['focus'], Level> = {
	kept: 'pass',
	doubtful: 'unknown',
	lost: 'refuse'
};

/** In a lamp that forms a beam, the light must stand where the filament stood. */
export const focusRule: Rule = ({ socket, category }, { product, lamp }) => {
	if (!isBeam(socket.functions) || lamp === 'filament') return null;
	const centre = lightCentreOf(category);
	if (!centre || centre.confidence === 'low')
		return finding(
			'size.focus.unknown',
			{ whose: category.category },
			{ level: 'unknown', source: { kind: 'table', table: 'light-centres' } }
		);
	const own = product.size?.lightCentre;
	if (own === undefined) return finding('size.focus.unknown', { whose: 'lamp' }, { level: 'unknown', source: MAKER });
	const { off, focus } = lightCentreError(own, centre.mm);
	return finding(
		`size.focus.${focus}`,
		{ lamp: own, category: centre.mm, off, within: LIGHT_CENTRE_PASS_MM },
		{ level: LEVEL[focus], source: { kind: 'table', table: 'light-centres', confidence: centre.confidence } }
	);
};
