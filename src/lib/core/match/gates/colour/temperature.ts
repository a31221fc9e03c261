import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Bluest light for anything meant to be seen by, and warmest that is usual for fog lamps, K. */
const BLUEST = 6500;
const FOG_PREFERRED = 3500;
/** Widely preferred in mist and snow, K. */
const FOG_WARM = 3000;

/** Colour temperature where people see by the light: very blue light is refused, a cool fog lamp is pointed out. */
export const temperatureRule: Rule = ({ socket, outside }, { product, lamp }) => {
	const cct = product.colour?.kind === 'white' ? product.colour.cct : undefined;
	if (lamp === 'filament' || cct === undefined || !outside) return null;
	if (cct > BLUEST) return finding('colour.too-cool', { cct, most: BLUEST }, { level: 'refuse', source: MAKER });
	if (socket.functions.includes('fog') && cct > FOG_PREFERRED)
		return finding('colour.fog-tint', { cct, preferred: FOG_WARM }, { level: 'pass', source: MAKER });
	return null;
};
