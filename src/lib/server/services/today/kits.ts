import { counted } from '../../../core/quantity';
import { someKits } from '../../repositories/kits';
import { configurationNames } from '../../repositories/configurations';
import { MOST_OF_A_KIND, type WaitingSource } from './source';

/** Kits that nobody has checked, and checked ones that nobody has released. */
export const kitsWaiting: WaitingSource = async (db) => {
	const rows = await someKits(db, {
		states: ['draft', 'checked'],
		isHere: true,
		from: 0,
		most: MOST_OF_A_KIND
	});
	const names = await configurationNames(
		db,
		rows.map(({ configurationId }) => configurationId)
	);
	return rows.map((kit) => ({
		kind: 'kit' as const,
		id: kit.id,
		vehicle: kit.configurationId,
		title: `${kit.state === 'draft' ? 'Check' : 'Release'} the kit “${kit.name}”`,
		detail: [
			names.get(kit.configurationId) ?? kit.configurationId,
			kit.openPlaces > 0 ? `${counted(kit.openPlaces, 'socket')} open` : ''
		]
			.filter(Boolean)
			.join(' · '),
		worth: kit.total,
		day: kit.updatedAt.slice(0, 10),
		isPressing: false
	}));
};
