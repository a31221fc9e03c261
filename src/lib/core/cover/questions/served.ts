import { VERDICTS } from '../../match';
import type { Cover, CoveredVehicle } from '../cover';
import { codeAt, NO_PLACE } from '../engine';

/** Numbers of the verdicts that serve: fits, alone or with parts. */
const SERVES_BELOW = VERDICTS.indexOf('unknown');
const REFUSED = VERDICTS.indexOf('refused');

/** True for the number of a verdict by which a lamp is sold. */
export const serves = (code: number): boolean => code < SERVES_BELOW;

/** The best verdict in each place among some products, as a number of `VERDICTS`: refused where none of them stands on its shelf. */
export function bestCodes(
	{ places, rows, shelfOf }: Pick<Cover, 'places' | 'rows' | 'shelfOf'>,
	offered: Uint8Array
): Uint8Array {
	return Uint8Array.from(places, ({ category }, number) => {
		const row = rows[number];
		if (!row) return REFUSED;
		const shelf = shelfOf(category);
		let best = REFUSED;
		for (let i = 0; i < shelf.length && best > 0; i++)
			if (offered[shelf[i] ?? 0]) best = Math.min(best, codeAt(row, i));
		return best;
	});
}

/** The best verdict in each socket of a vehicle, what was found there counted; -1 where there is no place. */
export class SocketCodes {
	private readonly best: Uint8Array;
	private readonly numbers: ReadonlyMap<string, number>;

	constructor(
		private readonly cover: Cover,
		private readonly offered: Uint8Array
	) {
		this.best = bestCodes(cover, offered);
		this.numbers = new Map(cover.products.map(({ record }, number) => [record.id as string, number]));
	}

	/** The best verdict in a place, whatever was found anywhere. */
	ofPlace(place: number): number {
		return place === NO_PLACE ? NO_PLACE : (this.best[place] ?? REFUSED);
	}

	/** The same for each socket of a vehicle. */
	of({ places, exceptions }: CoveredVehicle): Int8Array {
		const codes = Int8Array.from(places, (place) => this.ofPlace(place));
		for (const socket of new Set(exceptions.map((one) => one.socket)))
			codes[socket] = this.withFound(
				places[socket] ?? NO_PLACE,
				exceptions.filter((one) => one.socket === socket)
			);
		return codes;
	}

	private withFound(place: number, exceptions: CoveredVehicle['exceptions']): number {
		const { places, rows, shelfOf } = this.cover;
		const row = rows[place];
		const at = places[place];
		if (!row || !at) return NO_PLACE;
		const apart = new Map(
			exceptions.map(({ product, verdict }) => [this.numbers.get(product), VERDICTS.indexOf(verdict)])
		);
		let best = REFUSED;
		shelfOf(at.category).forEach((product, i) => {
			if (this.offered[product]) best = Math.min(best, apart.get(product) ?? codeAt(row, i));
		});
		return best;
	}
}
