import type { Side, Zone } from '../model';
import { lampFunction, type FunctionId } from '../lamps';
import type { WalkContext } from './draft';

const ZONE: Partial<Record<FunctionId, Zone>> = {
	fog: 'front',
	'low-beam': 'front',
	'high-beam': 'front',
	drl: 'front',
	'front-position': 'front',
	'side-marker': 'side',
	puddle: 'side',
	stop: 'rear',
	tail: 'rear',
	chmsl: 'rear',
	'rear-fog': 'rear',
	reverse: 'rear',
	'licence-plate': 'rear',
	cargo: 'rear',
	cornering: 'front',
	underhood: 'engine',
	step: 'side',
	work: 'rear',
	luggage: 'luggage'
};

/** Functions that usually stand once in the middle. */
const CENTRE: ReadonlySet<FunctionId> = new Set([
	'chmsl',
	'rear-fog',
	'cargo',
	'dome',
	'glovebox',
	'luggage',
	'cluster-backlight',
	'switch-backlight',
	'tell-tale',
	'underhood',
	'work'
]);
const CENTRE_ON_MOTORCYCLES: ReadonlySet<FunctionId> = new Set([
	'low-beam',
	'high-beam',
	'front-position',
	'drl',
	'stop',
	'tail',
	'licence-plate'
]);

/** Where a function usually sits; null when that has to be said, as for a turn lamp. */
export function usualZone(functions: readonly FunctionId[]): Zone | null {
	for (const id of functions) {
		const zone = ZONE[id];
		if (zone) return zone;
		if (lampFunction(id).group === 'cabin') return 'cabin';
		if (lampFunction(id).group === 'cluster') return 'cluster';
	}
	return null;
}

/** The sides a function usually stands on: both, or the middle. */
export function usualSides(functions: readonly FunctionId[], kind: WalkContext['kind']): Side[] {
	const middle = (id: FunctionId) => CENTRE.has(id) || (kind === 'motorcycle' && CENTRE_ON_MOTORCYCLES.has(id));
	return functions.some(middle) ? ['centre'] : ['left', 'right'];
}
