import type { PartPlace } from '../accessories';
import type { KitAnswer } from '../kit';
import type { Accessory, Configuration, Product, Socket } from '../model';

/** A lamp of a job; its product is null where nobody has said what goes in. */
export interface LampJob {
	socket: Socket;
	product: Product | null;
}

/** One piece of a part of a job. */
export interface PartJob {
	accessory: Accessory;
	place: PartPlace;
}

/** What is fitted to a vehicle. */
export interface Job {
	configuration: Configuration;
	lamps: LampJob[];
	parts: PartJob[];
}

/** How records are found by their ids. */
export interface Records {
	product: (id: string) => Product | undefined;
	accessory: (id: string) => Accessory | undefined;
}

/** The job of fitting a kit: its lamps in their sockets, and each piece of a part where its line says. Consumables are used, not fitted. */
export function jobOfKit(configuration: Configuration, { lines }: Pick<KitAnswer, 'lines'>, records: Records): Job {
	const productIn = new Map<string, Product>();
	for (const { product: id, sockets } of lines) {
		const product = id === undefined ? undefined : records.product(id);
		if (product) for (const socket of sockets) productIn.set(socket, product);
	}
	const parts = lines.flatMap(({ accessory: id, fitted = [] }): PartJob[] => {
		const accessory = id === undefined ? undefined : records.accessory(id);
		if (!accessory || accessory.kind === 'consumable') return [];
		return fitted.flatMap(({ pieces, ...place }) => Array.from({ length: pieces }, () => ({ accessory, place })));
	});
	const lamps = configuration.sockets.flatMap((socket): LampJob[] => {
		const product = productIn.get(socket.id);
		return product ? [{ socket, product }] : [];
	});
	return { configuration, lamps, parts };
}

/** The job of reaching some sockets, whatever goes in. */
export function jobOfSockets(configuration: Configuration, ids: readonly string[]): Job {
	const lamps = configuration.sockets.filter(({ id }) => ids.includes(id)).map((socket) => ({ socket, product: null }));
	return { configuration, lamps, parts: [] };
}
