import { filamentOf, lampFunction } from '../../../lamps';
import { finding } from '../../findings/finding';
import { MAKER_DATA, type Rule } from '../rule';

const POSITION = ['front-position', 'drl'] as const;

/** A lamp must serve every function its socket has on separate contacts; a switchback belongs where position meets turn. */
export const functionsRule: Rule = ({ socket, category }, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const { functions } = socket;
	const modes = product.modes ?? [];
	if (modes.length === 0) return finding('unknown', 'base.functions.unknown', null, MAKER_DATA);
	const switchback = modes.some((mode) => mode.startsWith('switchback'));
	const twoContacts = functions.length > 1 && category.filaments === 2;
	if (switchback && !(twoContacts && functions.includes('turn') && POSITION.some((p) => functions.includes(p)))) {
		const names = functions.map((id) => lampFunction(id).label.toLowerCase()).join(' and ');
		return finding('refuse', 'base.functions.switchback', { functions: names }, MAKER_DATA);
	}
	if (!twoContacts || modes.includes('dual') || switchback)
		return finding('pass', 'base.functions.enough', { modes, functions: functions.length }, MAKER_DATA);
	const lost = functions
		.filter((id) => filamentOf(functions, id) === 'minor')
		.map((id) => lampFunction(id).label.toLowerCase());
	return finding('refuse', 'base.functions.lost', { modes, lost: lost.join(' and ') }, MAKER_DATA);
};
