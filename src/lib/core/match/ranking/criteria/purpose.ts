import { lampFunction } from '../../../lamps';
import type { Purpose } from '../../../model';
import { isWeatherInBeam, purposeOf, type SocketCase } from '../../cases';
import type { Criterion } from '../criterion';

/** What the lamps of a place are for. */
function wanted({ socket }: SocketCase): readonly Purpose[] {
	const groups = socket.functions.map((id) => lampFunction(id).group);
	if (groups.includes('headlamp')) return ['beam'];
	if (groups.includes('fog')) return ['weather', 'beam'];
	return groups.includes('signal') ? ['signal'] : ['cabin'];
}

/** Whether a lamp is made for such a place. */
export const purposeCriterion: Criterion = {
	id: 'purpose',
	label: 'Made for this',
	weight: 1,
	how: () => 'a lamp made for such a place is full; a weather colour in a headlamp is none',
	points: (socket, { product }) => {
		if (isWeatherInBeam(product, socket.socket.functions)) return 0;
		return purposeOf(product).some((own) => wanted(socket).includes(own)) ? 1 : 0.5;
	},
	shown: (_socket, { product }) => `for ${purposeOf(product).join(' and ')}`
};
