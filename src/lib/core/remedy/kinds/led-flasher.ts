import { fittedPart, replacesFlasher, strategyOf } from '../../accessories';
import { isFlashRate } from '../symptoms/monitor';
import type { RemedyOffer } from '../remedy';

const LABEL = 'LED flasher';

/** One part for all corners, only where the flasher is a plug-in unit with the same pins. */
export const ledFlasher: RemedyOffer = ({ kind, channel }, { circuit: { configuration }, shop }) => {
	if (!isFlashRate(kind)) return null;
	const { flasher } = configuration;
	if (flasher?.kind === 'body-computer')
		return {
			kind: 'led-flasher',
			label: LABEL,
			why: 'the flasher is in the body computer: there is no unit to change'
		};
	if (flasher?.kind !== 'plug-in')
		return { kind: 'led-flasher', label: LABEL, why: 'nobody has looked whether the flasher is a plug-in unit' };
	const fitting = shop.accessories.filter((a) => replacesFlasher(a, channel, configuration));
	if (fitting.length === 0)
		return {
			kind: 'led-flasher',
			label: LABEL,
			why: `no LED flasher with ${flasher.pins ?? 'as many'} pins is on sale`
		};
	return fitting.map((accessory) => ({
		id: `led-flasher ${accessory.id}`,
		kind: 'led-flasher',
		label: `${accessory.name ?? accessory.id}, in place of the flasher${flasher.reach ? ` ${flasher.reach}` : ''}`,
		parts: [fittedPart(accessory, configuration)],
		back: [],
		scope: 'vehicle',
		heatWatts: 0,
		minutes: strategyOf(accessory).minutes,
		caution: strategyOf(accessory).caution
	}));
};
