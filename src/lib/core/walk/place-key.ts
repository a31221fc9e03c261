import { ZONES, type Socket } from '../model';
import { FUNCTION_IDS, lampFunction, type FunctionId } from '../lamps';

/** The key of a place regardless of side and number: zone and functions. @example placeKey({zone: 'front', functions: ['fog']}) // "front:fog" */
export function placeKey({ zone, functions }: Pick<Socket, 'zone' | 'functions'>): string {
	return `${zone}:${functions.join('+')}`;
}

/** True when a key names a zone and functions there are. */
export function isPlaceKey(key: string): boolean {
	const [zone = '', functions = '', ...more] = key.split(':');
	return (
		more.length === 0 &&
		(ZONES as readonly string[]).includes(zone) &&
		functions.split('+').every((id) => (FUNCTION_IDS as readonly string[]).includes(id))
	);
}

/** A place key in words. @example placeKeyText('front:fog') // "Front fog" */
export function placeKeyText(key: string): string {
	const [zone = '', functions = ''] = key.split(':');
	const names = functions.split('+').map((id) => lampFunction(id as FunctionId)?.label ?? id);
	const text = names.map((name, i) => (i === 0 ? name : name.toLowerCase())).join(' / ');
	const shown =
		text.toLowerCase().startsWith(zone) || zone === 'cabin' || zone === 'cluster'
			? text
			: `${zone} ${text.toLowerCase()}`;
	return shown.charAt(0).toUpperCase() + shown.slice(1);
}
