import type { Product } from '../../../exchange';
import { filamentOf, lampFunction } from '../../../lamps';
import { finding } from '../../finding';
import { MAKER_DATA, type Rule } from '../../rule';

const MODE_WORDS: Record<NonNullable<Product['modes']>[number], string> = {
	single: 'one mode',
	dual: 'a dim and a bright mode',
	'switchback-a': 'switchback, white goes off while amber flashes',
	'switchback-b': 'switchback, white and amber alternate'
};
const POSITION = ['front-position', 'drl'] as const;

/** A lamp must serve every function its socket has on separate contacts; a switchback belongs where position meets turn. */
export const functionsRule: Rule = ({ socket, category }, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const { functions } = socket;
	const modes = product.modes ?? [];
	const words = modes.map((mode) => MODE_WORDS[mode]).join(' or ') || 'modes not given';
	const switchback = modes.some((mode) => mode.startsWith('switchback'));
	const twoContacts = functions.length > 1 && category.filaments === 2;
	if (switchback && !(twoContacts && functions.includes('turn') && POSITION.some((p) => functions.includes(p)))) {
		const names = functions.map((id) => lampFunction(id).label.toLowerCase()).join(' and ');
		return finding('refuse', 'base.functions.switchback', { functions: names }, MAKER_DATA);
	}
	if (!twoContacts || modes.includes('dual') || switchback)
		return finding('pass', 'base.functions.enough', { modes: words, functions: functions.length }, MAKER_DATA);
	if (modes.length === 0) return finding('unknown', 'base.functions.unknown', null, MAKER_DATA);
	const lost = functions.filter((id) => filamentOf(functions, id) === 'minor').map((id) => lampFunction(id).label.toLowerCase());
	return finding('refuse', 'base.functions.lost', { modes: words, lost: lost.join(' and ') }, MAKER_DATA);
};
