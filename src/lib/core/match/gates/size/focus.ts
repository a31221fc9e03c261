import { lightCentreError } from '../../../fit';
import { lampFunction } from '../../../lamps';
import { finding, type Level } from '../../findings/finding';
import { MAKER_DATA, type Rule } from '../rule';

const LEVEL: Record<ReturnType<typeof lightCentreError>['focus'], Level> = {
	kept: 'pass',
	doubtful: 'unknown',
	lost: 'refuse'
};

/** In a lamp that forms a beam, the light must stand where the filament stood. */
export const focusRule: Rule = ({ socket, category }, { product, lamp }) => {
	const beam = socket.functions.some((id) => ['headlamp', 'fog'].includes(lampFunction(id).group));
	if (!beam || lamp === 'filament') return null;
	const centre = category.lightCentre;
	if (!centre || centre.confidence === 'low')
		return finding('unknown', 'size.focus.unknown', { whose: `category ${category.category}` }, 'light centre table');
	const own = product.size?.lightCentre;
	if (own === undefined) return finding('unknown', 'size.focus.unknown', { whose: 'lamp' }, MAKER_DATA);
	const { off, focus } = lightCentreError(own, centre.mm);
	return finding(
		LEVEL[focus],
		`size.focus.${focus}`,
		{ lamp: own, category: centre.mm, off },
		`light centre table, ${centre.confidence} confidence`
	);
};
