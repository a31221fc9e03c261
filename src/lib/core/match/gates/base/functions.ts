import { filamentOf } from '../../../lamps';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

const POSITION = ['front-position', 'drl'] as const;

/** A lamp must serve every function its socket has on separate contacts; a switchback belongs where position meets turn. */
export const functionsRule: Rule = ({ socket, category }, { product, lamp }) => {
	if (lamp === 'filament') return null;
	const { functions } = socket;
	const modes = product.modes ?? [];
	const twoContacts = functions.length > 1 && category.filaments === 2;
	if (modes.length === 0) return finding('base.functions.unknown', null, { level: 'unknown', source: MAKER });
	const switchback = modes.some((mode) => mode.startsWith('switchback'));
	if (switchback && !(twoContacts && functions.includes('turn') && POSITION.some((p) => functions.includes(p)))) {
		return finding('base.functions.switchback', { functions }, { level: 'refuse', source: MAKER });
	}
	if (!twoContacts || modes.includes('dual') || switchback)
		return finding('base.functions.enough', { modes, functions: functions.length }, { level: 'pass', source: MAKER });
	const lost = functions.filter((id) => filamentOf(functions, id) === 'minor');
	return finding('base.functions.lost', { modes, lost }, { level: 'refuse', source: MAKER });
};
