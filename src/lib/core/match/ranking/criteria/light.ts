import { survivingShare } from '../../cases/light';
import { share, type Criterion } from '../criterion';

/** Light that survives the lens, relative to the filament lamp; the derated flux, never the bare claim. */
export const lightCriterion: Criterion = {
	id: 'light',
	label: 'Surviving light',
	weight: 3,
	how: () => 'as much as the filament lamp or more is full; inside the vehicle it does not count',
	points: (socket, product) => (socket.outside ? share(survivingShare(socket, product) ?? 0) : null),
	shown: (socket, product) => {
		if (!socket.outside) return 'inside the vehicle';
		const ratio = survivingShare(socket, product);
		return ratio === null ? 'not known' : `${Math.round(ratio * 100)} % of the filament lamp`;
	}
};
