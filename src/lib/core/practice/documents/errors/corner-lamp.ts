import type { DocumentError } from './error';
import { otherCategory } from './twins';

export const cornerLamp: DocumentError = {
	id: 'corner-lamp',
	why: 'It calls the corner lamp the turn lamp and names the small lamp of the corner. Switch the indicator on and look which lamp flashes.',
	make: (paper, chance) =>
		otherCategory(paper, chance, ({ zone, functions, category }) => {
			if (zone !== 'front' || functions.length !== 1 || functions[0] !== 'turn') return null;
			const corner = paper.market === 'US' ? '194A' : 'WY5W';
			return category === corner ? null : corner;
		})
};
