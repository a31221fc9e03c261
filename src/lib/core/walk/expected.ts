import type { Configuration } from '../model';
import { placeKey, placeKeyText } from './place-key';
import { USUAL_PLACES } from './usual-places';

/** A place that is usually there and not listed yet. */
export interface ExpectedPlace {
	key: string;
	name: string;
	/** A line that adds it, without lamp and lens. */
	line: string;
}

/** A combined lamp covers each of its functions, so `rear:stop+tail` also answers `rear:stop`. */
function covered(configuration: Configuration, key: string): boolean {
	const [zone = '', functions = ''] = key.split(':');
	return functions
		.split('+')
		.every((id) =>
			configuration.sockets.some(
				(socket) => (socket.zone === zone || placeKey(socket) === key) && (socket.functions as string[]).includes(id)
			)
		);
}

/** The places a vehicle of this kind usually has, that are neither listed nor marked as not fitted, in walking order. */
export function expectedPlaces(configuration: Configuration): ExpectedPlace[] {
	const absent = new Set(configuration.absent);
	return USUAL_PLACES.filter(([, kinds]) => kinds.split(' ').includes(configuration.kind))
		.filter(([key]) => !absent.has(key) && !covered(configuration, key))
		.map(([key]) => {
			const [zone = '', functions = ''] = key.split(':');
			const words = functions.split('+').map((id) => id.replaceAll('-', ' '));
			return { key, name: placeKeyText(key), line: `${zone} ${words.join(' ')} ` };
		});
}
