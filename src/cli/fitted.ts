import { fittedPart } from '../lib/core/accessories';
import type { Fitted, FittedLamp, FittedPart } from '../lib/core/circuit';
import type { Configuration, RotaluxDocument } from '../lib/core/model';
import { BadInput } from './io';

/** What a command asks for to know what is fitted. */
export const FIT_OPTIONS = {
	fit: { type: 'string', multiple: true, default: [] as string[] },
	with: { type: 'string', multiple: true, default: [] as string[] }
} as const;

function lampsOf(
	document: RotaluxDocument,
	configuration: Configuration,
	fits: readonly string[]
): Map<string, FittedLamp> {
	return new Map(
		fits.map((text) => {
			const [socket = '', id = ''] = text.split(/=(.*)/s);
			if (!configuration.sockets.some((s) => s.id === socket))
				throw new BadInput(`--fit ${text}: there is no socket "${socket}" in ${configuration.id}.`);
			const product = document.products.find((p) => p.id === id);
			if (!product) throw new BadInput(`--fit ${text}: there is no product "${id}" in the file.`);
			return [socket, { kind: 'product', product } as FittedLamp];
		})
	);
}

/** `ACCESSORY@SCOPE`: a channel, a socket, or `vehicle`. */
function partsOf(document: RotaluxDocument, configuration: Configuration, texts: readonly string[]): FittedPart[] {
	return texts.map((text): FittedPart => {
		const [id = '', scope = ''] = text.split(/@(.*)/s);
		const accessory = document.accessories.find((a) => a.id === id);
		if (!accessory) throw new BadInput(`--with ${text}: there is no accessory "${id}" in the file.`);
		if (scope === 'vehicle') return fittedPart(accessory, configuration);
		if (configuration.channels.some((c) => c.id === scope))
			return fittedPart(accessory, configuration, { channel: scope });
		if (!configuration.sockets.some((s) => s.id === scope))
			throw new BadInput(
				`--with ${text}: "${scope}" is neither a channel nor a socket of ${configuration.id}, nor "vehicle".`
			);
		const channel = configuration.channels.find((c) => c.feeds.some((feed) => feed.socket === scope))?.id;
		return fittedPart(accessory, configuration, { socket: scope, ...(channel ? { channel } : {}) });
	});
}

/** A vehicle as the options of a command say it is fitted. @throws BadInput for a socket, product or accessory that is not there */
export function fittedBy(
	document: RotaluxDocument,
	configuration: Configuration,
	{ fit, with: parts }: { fit: readonly string[]; with: readonly string[] }
): Fitted {
	return {
		lamps: lampsOf(document, configuration, fit),
		parts: partsOf(document, configuration, parts),
		faults: []
	};
}
